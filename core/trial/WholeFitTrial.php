<?php

declare(strict_types=1);

namespace CleanRace\Core\Trial;

use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Catalogue\Tolerances;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Fit\Joint;
use CleanRace\Core\Mechanics\Pressing\ClearanceClass;
use CleanRace\Core\Mechanics\Pressing\PressFit;
use CleanRace\Core\Mechanics\Pressing\PressFitInput;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Practice\Bench\Gauge;
use CleanRace\Core\Practice\Bench\Hands;
use CleanRace\Core\Tables\Limits;
use LogicException;

/**
 * Simulated sound seats of turning hubs, from the go limit to the tightest that makers give, judged as a whole: the fit and
 * all that follows from it, with bearings of ordinary and of larger clearance.
 */
final readonly class WholeFitTrial implements Trial
{
    public function __construct(private Limits $limits)
    {
    }

    public function run(Chance $chance, int $jobs): array
    {
        $figures = [];
        foreach ([[ClearanceClass::CN, 0.9], [ClearanceClass::C3, 0.95]] as [$class, $wanted]) {
            $levels = $this->levels($chance, $jobs, $class);
            $figures[] = TrialFigure::atLeast("sound seats with all that follows go: $class->value", $levels['go'], $jobs, $wanted);
            $figures[] = TrialFigure::atMost("sound seats with all that follows stop: $class->value", $levels['stop'], $jobs, 0.005);
        }

        return $figures;
    }

    /** @return array<string, int> how many of each level */
    private function levels(Chance $chance, int $jobs, ClearanceClass $class): array
    {
        $levels = ['go' => 0, 'care' => 0, 'stop' => 0];
        $gauge = new Gauge($chance);
        $hands = new Hands($chance, Scatter::people());
        for ($i = 0; $i < $jobs; $i++) {
            $number = $chance->oneOf(FitTrial::NUMBERS);
            $size = (new BearingTable())->find($number) ?? throw new LogicException('No such number.');
            $material = $chance->oneOf(FitTrial::METALS);
            $around = Length::mm($size->outside->mm * $chance->between(1.2, 1.8));
            $joint = new Joint(RingSeat::Bore, $size->bore, $size->outside, $size->width(), $around, material: $material);
            $most = (new Tolerances())->nominalInterference($size->outside, 'N7')[1];
            $true = $chance->between($this->limits->get('fit.grip_go') + 0.005, $most);
            [$low, $high] = (new Tolerances())->outsideBand($size->outside);
            $ring = $size->outside->mm + $chance->between($low, $high);
            $levels[(new PressFit($this->limits))->work(
                new PressFitInput(
                    $number,
                    measured: $gauge->bore($ring - $true, Instrument::DigitalCaliper, $this->limits),
                    feel: $hands->fit($true, $joint, $this->limits),
                    hubOutside: $around,
                    material: $material,
                    clearance: $class,
                ),
            )->verdict->level->value]++;
        }

        return $levels;
    }
}
