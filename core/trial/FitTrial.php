<?php

declare(strict_types=1);

namespace CleanRace\Core\Trial;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Catalogue\Tolerances;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Fit\Fit;
use CleanRace\Core\Mechanics\Fit\FitInput;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Practice\Bench\Gauge;
use CleanRace\Core\Practice\Bench\Hands;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;

/** Simulated fits, good ones that hold and bad ones that creep, judged from a caliper and hands, and from gauge and micrometer. */
final readonly class FitTrial implements Trial
{
    /** Interference of fits that are good: what a sound seat bored to N7 gives, the loosest fifth left out, in mm. */
    private const GOOD = [0.012, 0.032];

    /** Of those that will creep. */
    private const BAD = [-0.09, -0.0105];

    private const OUTSIDES = [22.0, 26.0, 28.0, 32.0, 35.0, 42.0, 47.0, 52.0, 55.0, 62.0, 72.0];

    public function __construct(private Limits $limits)
    {
    }

    public function run(Chance $chance, int $jobs): array
    {
        $figures = [];
        foreach (
            [
                ['caliper and hands', Instrument::DigitalCaliper, null, 0.9, 0.02],
                ['bore gauge, micrometer and hands', Instrument::BoreGauge, Instrument::Micrometer, 0.98, 0.005],
            ] as [$name, $bore, $ring, $good, $bad]
        ) {
            $figures[] = TrialFigure::atLeast(
                sprintf('fits of %+.3f to %+.3f mm come out go, %s', ...[...self::GOOD, $name]),
                $this->gone($chance, $jobs, self::GOOD, $bore, $ring),
                $jobs,
                $good,
            );
            $figures[] = TrialFigure::atMost(
                sprintf('fits of %+.3f to %+.3f mm come out go, %s', ...[...self::BAD, $name]),
                $this->gone($chance, $jobs, self::BAD, $bore, $ring),
                $jobs,
                $bad,
            );
        }

        return $figures;
    }

    /** @param  array{float, float}  $interference */
    private function gone(Chance $chance, int $jobs, array $interference, Instrument $bore, ?Instrument $ring): int
    {
        $go = 0;
        $gauge = new Gauge($chance);
        $hands = new Hands($chance, Scatter::people());
        for ($i = 0; $i < $jobs; $i++) {
            $outside = $chance->oneOf(self::OUTSIDES);
            $true = $chance->between(...$interference);
            [$low, $high] = (new Tolerances())->outsideBand(Length::mm($outside));
            $ringTrue = $outside + $chance->between($low, $high);
            $result = (new Fit($this->limits))->work(
                new FitInput(
                    Length::mm($outside),
                    $gauge->read($ringTrue - $true, $bore),
                    $ring === null ? null : $gauge->read($ringTrue, $ring),
                    $hands->fit($true),
                    material: Material::Steel,
                ),
            );
            $go += $result->verdict->level === Level::Go ? 1 : 0;
        }

        return $go;
    }
}
