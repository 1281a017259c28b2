<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Finding;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Sound\Beside;
use CleanRace\Core\Sound\Hearing\BandEnvelopes;
use CleanRace\Core\Sound\Hearing\Hearing;
use CleanRace\Core\Sound\Hearing\Loudness;
use CleanRace\Core\Sound\Hearing\Taps;
use CleanRace\Core\Sound\Hearing\Turning;
use CleanRace\Core\Sound\Orders\PartRanges;
use CleanRace\Core\Sound\Wave\WaveFile;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;

/** A recording of a spun wheel, listened to: what it tells, and all that a page shows of it. */
final readonly class HeardWheel
{
    /**
     * @param  ?Turning  $turning null without taps that fit a wheel
     * @param  ?Hearing  $hearing null then, too
     * @param  list<PartStrength>  $parts empty where the bearing is not known, or nothing was tapped
     */
    private function __construct(
        public Judgement $judgement,
        public Loudness $loudness,
        public ?Turning $turning,
        public ?Hearing $hearing,
        public array $parts,
        public float $seconds,
    ) {
    }

    /**
     * @param  ?PartRanges  $ranges null where the bearing is not known
     * @param  Beside  $beside what else of this hub may be heard
     *
     * @throws InvalidInput when there is nothing on it
     */
    public static function in(WaveFile $file, Taps $taps, ?PartRanges $ranges, Beside $beside, Limits $limits): self
    {
        $envelopes = BandEnvelopes::of($file);
        $taps = $taps->within($envelopes->seconds());
        $turning = Turning::by($taps);
        if ($turning === null) {
            $judgement = (new UntappedJudge($limits))->judge($envelopes, $taps->seconds !== [], $beside);

            return new self($judgement, $envelopes->loudness, null, null, [], $file->seconds());
        }
        $hearing = Hearing::of($envelopes, $turning, $taps);
        $parts = $ranges === null ? [] : PartSearch::in($hearing, $ranges);
        $judgement = (new Judge($limits))->judge($hearing, $parts, $beside)->also(...self::doubts($turning, $limits));

        return new self($judgement, $envelopes->loudness, $turning, $hearing, $parts, $file->seconds());
    }

    /** @return list<Message> what of the taps leaves more in doubt than need be */
    private static function doubts(Turning $turning, Limits $limits): array
    {
        $least = (int) $limits->get('sound.turns_least');

        return [
            ...$turning->scatter > $limits->get('sound.taps_loose') ? [Reasons::looseTaps($turning->scatter)] : [],
            ...$turning->whole() < $least ? [Reasons::moreTurns($turning->whole(), $least, (int) $limits->get('sound.turns_wanted'))] : [],
        ];
    }
}
