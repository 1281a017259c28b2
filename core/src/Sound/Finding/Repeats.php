<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Finding;

use CleanRace\Core\Sound\Hearing\BandEnvelopes;
use CleanRace\Core\Sound\Hearing\OrderSpectra;
use CleanRace\Core\Sound\Hearing\Swing;
use CleanRace\Core\Sound\Hearing\Turning;
use CleanRace\Core\Sound\Hearing\TurnTable;
use CleanRace\Core\Sound\Hearing\Untimed;
use CleanRace\Core\Sound\Signal\Middle;

/** What repeats most clearly, with most of its multiples, in a recording of a wheel whose turns nobody tapped. */
final readonly class Repeats
{
    /** Times a second, from and to, that a wheel or a bearing of one can repeat at in the middle of its run. */
    private const SLOWEST = 0.8;

    private const FASTEST = 25.0;

    /** So often a second a turn is taken to come while it is not known: then the highest order is 75 times a second. */
    private const A_SECOND = 2.5;

    /** Over a longer time the ways in which wheels slow lie too far apart. */
    private const LONGEST_S = 18.0;

    private const HARMONICS = 6;

    private const FINE = 1.0015;

    private const LEAST_SPREAD = 0.35;

    /**
     * @param  float  $clear how many spreads it stands above chance in this very recording
     * @param  Turning  $run of what repeats: one turn for each time it comes
     * @param  float  $line the strongest single line, times a second
     */
    private function __construct(public float $clear, public Turning $run, public float $line)
    {
    }

    /** @param  float  $from when the hand is off the wheel, s */
    public static function in(BandEnvelopes $envelopes, float $from): self
    {
        $to = min($from + self::LONGEST_S, $envelopes->seconds() - 1 / BandEnvelopes::RATE);
        $swings = array_map(Swing::of(...), $envelopes->power);
        $slowed = Untimed::run(array_map(static fn (float ...$at): float => array_sum($at) / count($at), ...$swings), $from, $to);
        $searched = $slowed->times(self::A_SECOND * ($to - $from));
        $all = array_fill(0, count($swings[0]), true);
        $spectra = OrderSpectra::of(
            array_map(static fn (array $swing): array => TurnTable::of($swing, $all, $searched)->all, $swings),
        );
        [$clear, $hertz] = self::clearest($spectra, (float) $searched->whole());

        return new self(
            $clear,
            $slowed->times($hertz * ($to - $from)),
            self::A_SECOND * $spectra->highest(self::SLOWEST / self::A_SECOND),
        );
    }

    /** Times a second, on the whole. */
    public function hertz(): float
    {
        return $this->run->meanSpeed();
    }

    /** @return array{float, float} spreads above chance, and times a second on the whole */
    private static function clearest(OrderSpectra $spectra, float $turns): array
    {
        $best = [-INF, 1.0];
        foreach ([$spectra->mean(), $spectra->strongestThree()] as $spectrum) {
            $comb = Comb::of($spectrum, $spectra->perOrder, $turns);
            [$scores, $highest, $at] = [[], -INF, 1.0];
            for ($hertz = self::SLOWEST; $hertz <= self::FASTEST; $hertz *= self::FINE) {
                $score = $comb->score($hertz / self::A_SECOND, self::HARMONICS);
                $scores[] = $score;
                if ($score > $highest) {
                    [$highest, $at] = [$score, $hertz];
                }
            }
            $clear = ($highest - Middle::of($scores)) / max(self::LEAST_SPREAD, Middle::spread($scores));
            if ($clear > $best[0]) {
                $best = [$clear, $at];
            }
        }

        return $best;
    }
}
