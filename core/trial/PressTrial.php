<?php

declare(strict_types=1);

namespace CleanRace\Core\Trial;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Practice\Bench\PressSimulator;
use CleanRace\Core\Seating\Press\PressKind;
use CleanRace\Core\Seating\Press\PressSample;
use CleanRace\Core\Seating\Press\PressTrace;
use CleanRace\Core\Seating\Press\PressTraceInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;

/** Simulated seatings of every kind, on rings of every size: is the right kind named from the curve alone. */
final readonly class PressTrial implements Trial
{
    /** What a slow gauge gives of one pressing. */
    private const FEW = 25;

    public function __construct(private Limits $limits)
    {
    }

    public function run(Chance $chance, int $jobs): array
    {
        $press = new PressSimulator($chance);
        $reader = new PressTrace($this->limits);
        $figures = [];
        $each = max(1, intdiv($jobs, 5));
        foreach ([...array_map(static fn (PressKind $k): array => [$k, null], PressSimulator::KINDS), ...array_map(
            static fn (PressKind $k): array => [$k, self::FEW],
            PressSimulator::KINDS,
        )] as [$kind, $few]) {
            [$right, $wrong, $go] = [0, [], 0];
            for ($i = 0; $i < $each; $i++) {
                $grip = $chance->between(5, 24);
                $home = $grip + $chance->between(0, 16);
                $slide = exp($chance->between(log(300), log(9000)));
                $samples = self::thinned($press->trace($kind, $grip, $home, $slide), $few);
                $read = $reader->work(
                    new PressTraceInput(
                        $samples,
                        Length::mm($grip),
                        Length::mm($home),
                        Force::newtons(0.75 * $slide),
                        Force::newtons(1.25 * $slide),
                    ),
                );
                $read->kind === $kind
                    ? $right++
                    : ($wrong[] = sprintf('%s: grip %.1f home %.1f slide %.0f', $read->kind->value, $grip, $home, $slide));
                $go += $read->verdict->level === Level::Go ? 1 : 0;
            }
            $of = $kind->value.($few === null ? '' : ", $few samples");
            $figures[] = TrialFigure::atLeast("press: $of named", $right, $each, $few === null ? 0.95 : 0.93, $wrong);
            if ($kind !== PressKind::Good) {
                $figures[] = TrialFigure::atMost("press: go for $of", $go, $each, 0.02);
            } else {
                $figures[] = TrialFigure::atLeast("press: go for $of", $go, $each, 0.9);
            }
        }

        return $figures;
    }

    /**
     * @param  list<PressSample>  $samples
     * @param  ?int  $to as many, evenly among them; null leaves all
     * @return list<PressSample>
     */
    private static function thinned(array $samples, ?int $to): array
    {
        $last = count($samples) - 1;

        return $to === null || $last < $to
            ? $samples
            : array_map(static fn (int $i): PressSample => $samples[(int) round(($i * $last) / ($to - 1))], range(0, $to - 1));
    }
}
