<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

/** Internal snap rings by the bore they sit in. */
final class SnapRings
{
    /** Thickness by bore: up to this bore, this thick, in mm (DIN 472). */
    private const THICKNESS = [32 => 1.2, 40 => 1.5, 52 => 1.75, 68 => 2.0, 85 => 2.5];

    private const LARGE = 3.0;

    /** @return float in mm */
    public static function thickness(float $bore): float
    {
        foreach (self::THICKNESS as $upTo => $thickness) {
            if ($bore <= $upTo) {
                return $thickness;
            }
        }

        return self::LARGE;
    }
}
