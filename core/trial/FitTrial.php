<?php

declare(strict_types=1);

namespace CleanRace\Core\Trial;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Catalogue\Tolerances;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Fit\Fit;
use CleanRace\Core\Mechanics\Fit\FitInput;
use CleanRace\Core\Mechanics\Fit\Joint;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Practice\Bench\Gauge;
use CleanRace\Core\Practice\Bench\Hands;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;

/**
 * Simulated seats of known interference, judged from a caliper, from hands, and from both: of every size, wall and
 * material, half of them not entered.
 */
final readonly class FitTrial implements Trial
{
    public const NUMBERS = ['608', '6000', '6001', '6200', '6202', '6203', '6204', '6205', '6304', '6305', '6306'];

    public const METALS = [Material::Aluminium, Material::Magnesium, Material::CastIron, Material::Steel];

    public function __construct(private Limits $limits)
    {
    }

    public function run(Chance $chance, int $jobs): array
    {
        $both = ['caliper and hands', true, true];
        $hands = ['hands alone', false, true];
        $caliper = ['a caliper alone', true, false];
        $figures = [];
        foreach ([SeatMeant::PressedFast, SeatMeant::PressedSlow, SeatMeant::StandsStill] as $meant) {
            foreach ([$both, $hands] as $by) {
                $feelAlone = $by === $hands;
                $levels = $this->levels($chance, $jobs, $meant, 'good', self::METALS, $by);
                $of = sprintf('%s, %s', $meant->value, $by[0]);
                $figures[] = TrialFigure::atLeast("sound seats go: $of", $levels['go'], $jobs, $feelAlone ? 0.85 : 0.9);
                $figures[] = TrialFigure::atMost("sound seats stop: $of", $levels['stop'], $jobs, 0.005);
                $figures[] = TrialFigure::atMost(
                    "loose seats go: $of",
                    $this->levels($chance, $jobs, $meant, 'loose', self::METALS, $by)['go'],
                    $jobs,
                    0.02,
                );
            }
            $figures[] = TrialFigure::atMost(
                "seats between right and loose go: $meant->value, caliper and hands",
                $this->levels($chance, $jobs, $meant, 'marginal', self::METALS, $both)['go'],
                $jobs,
                0.5,
            );
            $figures[] = TrialFigure::atMost(
                "seats far too tight go: $meant->value, caliper and hands",
                $this->levels($chance, $jobs, $meant, 'tight', self::METALS, $both)['go'],
                $jobs,
                0.02,
            );
        }
        $one = [...$both, true];
        $hammer = $this->levels($chance, $jobs, SeatMeant::PressedFast, 'good', self::METALS, $one);
        $beaten = $this->levels($chance, $jobs, SeatMeant::PressedFast, 'loose', self::METALS, $one);
        $figures[] = TrialFigure::atLeast('sound seats go: one hammer for all sizes, and a caliper', $hammer['go'], $jobs, 0.9);
        $figures[] = TrialFigure::atMost('sound seats stop: one hammer for all sizes', $hammer['stop'], $jobs, 0.005);
        $figures[] = TrialFigure::atMost('loose seats go: one hammer for all sizes', $beaten['go'], $jobs, 0.02);
        $figures[] = TrialFigure::atMost(
            'seats go by a caliper alone',
            $this->levels($chance, $jobs, SeatMeant::PressedFast, 'good', self::METALS, $caliper)['go'],
            $jobs,
            0.0,
        );
        $gauges = ['bore gauge, micrometer and hands', true, true];
        $sound = $this->levels($chance, $jobs, SeatMeant::PressedFast, 'good', self::METALS, $gauges, Instrument::BoreGauge);
        $loose = $this->levels($chance, $jobs, SeatMeant::PressedFast, 'loose', self::METALS, $gauges, Instrument::BoreGauge);
        $figures[] = TrialFigure::atLeast('sound seats go, bore gauge, micrometer and hands', $sound['go'], $jobs, 0.98);
        $figures[] = TrialFigure::atMost('loose seats go, bore gauge, micrometer and hands', $loose['go'], $jobs, 0.005);
        $nylon = $this->levels($chance, $jobs, SeatMeant::PressedSlow, 'good', [Material::Nylon], $both);

        return [
            ...$figures,
            TrialFigure::atLeast('sound seats in nylon go, caliper and hands', $nylon['go'], $jobs, 0.9),
            TrialFigure::atMost('sound seats in nylon stop, caliper and hands', $nylon['stop'], $jobs, 0.005),
        ];
    }

    /**
     * @param  non-empty-list<Material>  $materials
     * @param  array{string, bool, bool, 3?: bool}  $by what it is called, whether a caliper is read, whether hands tell,
     *                                                  whether all sizes are driven with one hammer
     * @return array<string, int> how many of each level
     */
    private function levels(
        Chance $chance,
        int $jobs,
        SeatMeant $meant,
        string $what,
        array $materials,
        array $by,
        Instrument $gaugedBy = Instrument::DigitalCaliper,
    ): array {
        $levels = ['go' => 0, 'care' => 0, 'stop' => 0];
        $ordinary = Joint::usual(RingSeat::Bore, Length::mm(47), null, null);
        $gauge = new Gauge($chance);
        $hands = new Hands($chance, Scatter::people());
        for ($i = 0; $i < $jobs; $i++) {
            $size = (new BearingTable())->find($chance->oneOf(self::NUMBERS)) ?? throw new \LogicException('No such number.');
            $material = $chance->oneOf($materials);
            $around = Length::mm($size->outside->mm * $chance->between(1.2, 1.8));
            $joint = new Joint(RingSeat::Bore, $size->bore, $size->outside, $size->width(), $around, material: $material);
            $true = $chance->between(...$this->interference($meant, $what, $size, $material, $joint));
            [$low, $high] = (new Tolerances())->outsideBand($size->outside);
            $ring = $size->outside->mm + $chance->between($low, $high);
            $known = $chance->whole(0, 1) === 0;
            $felt = $hands->fit($true, $joint, $this->limits, isset($by[3]) ? $ordinary : null);
            $levels[(new Fit($this->limits))->work(
                new FitInput(
                    $size->outside,
                    $by[1] ? $gauge->bore($ring - $true, $gaugedBy, $this->limits) : null,
                    $gaugedBy === Instrument::BoreGauge ? $gauge->read($ring, Instrument::Micrometer) : null,
                    feel: $by[2] ? $felt : null,
                    material: $known || $material === Material::Nylon ? $material : null,
                    meant: $meant,
                    ringBore: $size->bore,
                    width: $size->width(),
                    hubOutside: $known ? $around : null,
                ),
            )->verdict->level->value]++;
        }

        return $levels;
    }

    /** @return array{float, float} interference that such a seat has, mm */
    private function interference(SeatMeant $meant, string $what, Bearing $size, Material $material, Joint $joint): array
    {
        $class = in_array($material, [Material::CastIron, Material::Steel], true) ? 'N7' : 'P7';
        $most = $material === Material::Nylon
            ? $this->limits->get('fit.nylon_most') * $size->outside->mm
            : (new Tolerances())->nominalInterference($size->outside, $class)[1];

        return match ($what) {
            'good' => [$meant->least($this->limits) + 0.005, min($most, $joint->splitsAt($this->limits))],
            'marginal' => [$meant->bearable($this->limits), $meant->least($this->limits)],
            'loose' => [-0.2, $meant->bearable($this->limits) - 0.005],
            default => [max(0.0015 * $size->outside->mm, $most + 0.010) + 0.05, $most + 0.3],
        };
    }
}
