<?php

declare(strict_types=1);

namespace CleanRace\Core\Trial;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Catalogue\Tolerances;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Fit\Fit;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Fit\FitInput;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;

/** Simulated fits, good ones that hold and bad ones that creep, judged from a caliper and hands, and from gauge and micrometer. */
final readonly class FitTrial implements Trial
{
    /** Interference of fits that are good: what a sound seat bored to N7 gives, the loosest fifth left out, in mm. */
    private const GOOD = [0.012, 0.032];

    /** Of those that will creep. */
    private const BAD = [-0.09, -0.0105];

    /** How far hands are off, in mm. */
    private const HANDS = 0.002;

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
        for ($i = 0; $i < $jobs; $i++) {
            $outside = $chance->oneOf(self::OUTSIDES);
            $true = $chance->between(...$interference);
            [$low, $high] = (new Tolerances())->outsideBand(Length::mm($outside));
            $ringTrue = $outside + $chance->between($low, $high);
            $read = static fn (float $mm, Instrument $by): Reading => Reading::mm(
                round($mm + $chance->error($by->halfWidth()->mm / sqrt(3)), $by === Instrument::DigitalCaliper ? 2 : 3),
                $by,
            );
            $result = (new Fit($this->limits))->work(
                new FitInput(
                    Length::mm($outside),
                    $read($ringTrue - $true, $bore),
                    $ring === null ? null : $read($ringTrue, $ring),
                    self::felt($true + $chance->error(self::HANDS)),
                    material: Material::Steel,
                ),
            );
            $go += $result->verdict->level === Level::Go ? 1 : 0;
        }

        return $go;
    }

    /** What hands tell of an interference: the band whose middle lies nearest among those that hold it. */
    public static function felt(float $interference): FitFeel
    {
        $best = FitFeel::Rattles;
        $nearest = INF;
        foreach (FitFeel::cases() as $feel) {
            [$low, $high] = $feel->band();
            $off = $interference < $low ? $low - $interference : max(0.0, $interference - $high);
            $middle = abs($interference - ($low + $high) / 2) / ($high - $low);
            if ($off + $middle / 1000 < $nearest) {
                [$best, $nearest] = [$feel, $off + $middle / 1000];
            }
        }

        return $best;
    }
}
