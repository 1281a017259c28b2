<?php

declare(strict_types=1);

namespace CleanRace\Core\Trial;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Practice\Bench\PressSimulator;
use CleanRace\Core\Seating\Press\PressKind;
use CleanRace\Core\Seating\Press\PressTrace;
use CleanRace\Core\Seating\Press\PressTraceInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;

/** Simulated seatings of every kind, on rings of every size: is the right kind named from the curve alone. */
final readonly class PressTrial implements Trial
{
    public function __construct(private Limits $limits)
    {
    }

    public function run(Chance $chance, int $jobs): array
    {
        $press = new PressSimulator($chance);
        $reader = new PressTrace($this->limits);
        $figures = [];
        $each = max(1, intdiv($jobs, 5));
        foreach (PressSimulator::KINDS as $kind) {
            [$right, $wrong, $go] = [0, [], 0];
            for ($i = 0; $i < $each; $i++) {
                $grip = $chance->between(5, 24);
                $home = $grip + $chance->between(0, 16);
                $slide = exp($chance->between(log(300), log(9000)));
                $samples = $press->trace($kind, $grip, $home, $slide);
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
            $figures[] = TrialFigure::atLeast("press: {$kind->value} named", $right, $each, 0.95, $wrong);
            if ($kind !== PressKind::Good) {
                $figures[] = TrialFigure::atMost("press: go for {$kind->value}", $go, $each, 0.02);
            }
        }

        return $figures;
    }
}
