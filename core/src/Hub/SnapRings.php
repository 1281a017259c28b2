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

    /** The side that the only snap ring of a hub is on; null when there is none, or one on each side. */
    public static function only(Stack $stack): ?Side
    {
        $sides = array_unique(array_map(static fn (Part $ring): string => $ring->side->value, $stack->ofKind(PartKind::SnapRing)));

        return count($sides) === 1 ? Side::from(array_values($sides)[0]) : null;
    }
}
