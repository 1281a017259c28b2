<?php

declare(strict_types=1);

namespace CleanRace\Core\Practice\Bench;

use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Setting\Cones\ConeFelt;

/** What hands tell of what is true, each time a little off. */
final readonly class Hands
{
    public function __construct(private Chance $chance, private People $people)
    {
    }

    /** @param  float  $interference in mm, plus is tight */
    public function fit(float $interference): FitFeel
    {
        return self::surely($interference + $this->chance->error($this->people->fit));
    }

    /** What hands that are never off tell of an interference in mm: the band whose middle lies nearest among those that hold it. */
    public static function surely(float $interference): FitFeel
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

    /** @param  float  $play end play in mm, less than none when the balls are squeezed */
    public function cone(float $play): ConeFelt
    {
        $felt = $play + $this->chance->error($this->people->cone);

        return match (true) {
            $felt < $this->people->binds => ConeFelt::Binds,
            $felt < $this->people->none => ConeFelt::None,
            $felt < $this->people->trace => ConeFelt::Trace,
            default => ConeFelt::Play,
        };
    }

    /** Where a mark comes to stand that is to be set to an angle, both in degrees. */
    public function mark(float $degrees): float
    {
        return round($degrees + $this->chance->error($this->people->mark));
    }
}
