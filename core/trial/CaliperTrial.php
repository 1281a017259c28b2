<?php

declare(strict_types=1);

namespace CleanRace\Core\Trial;

use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Sizing\Bearing\BearingFromCaliper;
use CleanRace\Core\Sizing\Bearing\BearingFromCaliperInput;
use CleanRace\Core\Sizing\Bearing\CaliperCandidate;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use LogicException;

/** Random bearings of the catalogue, made to the standard's tolerances and read with a caliper: is the right one named first. */
final readonly class CaliperTrial implements Trial
{
    /** Sizes whose bands come this close, in half-widths of the instrument, are neighbours that one reading may not tell apart. */
    private const NEIGHBOUR = 3.0;

    public function __construct(private Limits $limits)
    {
    }

    public function run(Chance $chance, int $jobs): array
    {
        $sizes = BearingTable::bySize() ?: throw new LogicException('The catalogue is empty.');
        $finder = new BearingFromCaliper($this->limits);
        $half = Instrument::DigitalCaliper->halfWidth();
        [$first, $alone, $wrong] = [0, 0, []];
        [$named, $crowded, $silent, $mistaken] = [0, 0, [], 0];
        for ($i = 0; $i < $jobs; $i++) {
            $size = $chance->oneOf($sizes);
            $read = fn (float $true): Reading => Reading::of(
                Length::mm(round($true + $chance->error($half->mm / sqrt(3)), 2)),
                Instrument::DigitalCaliper,
            );
            $width = $chance->oneOf([$size['open'], $size['closed']]);
            $ring = $this->limits->get('caliper.ring_under') / 2;
            $found = $finder->work(
                new BearingFromCaliperInput(
                    $read($chance->between($size['bore'] - $ring, $size['bore'])),
                    $read($chance->between($size['outside'] - $ring, $size['outside'])),
                    $read($chance->between($width - $this->limits->get('caliper.width_under'), $width)),
                ),
            );
            $isFirst = in_array($size['numbers'][0], self::called($found->candidates[0]), true);
            $mistaken += $found->verdict->level === Level::Go && ! $isFirst ? 1 : 0;
            if (self::hasNeighbour($size, $sizes, self::NEIGHBOUR * $half->mm)) {
                $crowded++;
                $found->verdict->level === Level::Go || $found->verdict->settledBy !== null
                    ? $named++
                    : ($silent[] = $size['numbers'][0]);
            } else {
                $alone++;
                $isFirst ? $first++ : ($wrong[] = "{$size['numbers'][0]} called {$found->candidates[0]->number}");
            }
        }

        return [
            TrialFigure::atLeast('caliper: right bearing first, no neighbour within 3u', $first, $alone, 0.99, $wrong),
            TrialFigure::atLeast(
                'caliper: neighbour within 3u, told apart or the splitting measurement named',
                $named,
                $crowded,
                1.0,
                $silent,
            ),
            TrialFigure::atMost('caliper: go for a wrong bearing', $mistaken, $jobs, 0.002),
        ];
    }

    /** @return list<string> */
    private static function called(CaliperCandidate $candidate): array
    {
        return [$candidate->number, ...$candidate->others];
    }

    /**
     * @param  array{bore: float, outside: float, open: float, closed: float, commonness: int, numbers: non-empty-list<string>}  $size
     * @param  list<array{bore: float, outside: float, open: float, closed: float, commonness: int,
     *   numbers: non-empty-list<string>}>  $sizes
     */
    private static function hasNeighbour(array $size, array $sizes, float $within): bool
    {
        foreach ($sizes as $other) {
            $widths = min(
                abs($size['open'] - $other['open']),
                abs($size['closed'] - $other['closed']),
                abs($size['open'] - $other['closed']),
                abs($size['closed'] - $other['open']),
            );
            if (
                $other !== $size &&
                abs($size['bore'] - $other['bore']) <= $within &&
                abs($size['outside'] - $other['outside']) <= $within &&
                $widths <= $within + 0.12
            ) {
                return true;
            }
        }

        return false;
    }
}
