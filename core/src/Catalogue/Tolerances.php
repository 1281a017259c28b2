<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue;

use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Nonsense;

/** What the standards allow: ring tolerances (ISO 492), hole and shaft classes (ISO 286), radial clearance (ISO 5753). */
final readonly class Tolerances
{
    /**
     * The true outside diameter of a ring of this nominal size: the middle of its band, as a flat band.
     *
     * @throws Nonsense when the standard's table does not reach that far
     */
    public function outside(Length $nominal): Estimate
    {
        $lower = self::row('ring_tolerances', ['ring' => 'outside'], 'over_mm', 'upto_mm', $nominal)['lower_um'] / 1000;

        return new Estimate($nominal->mm + $lower / 2, abs($lower) / 2 / sqrt(3));
    }

    /**
     * The true bore of a ring of this nominal size, likewise.
     *
     * @throws Nonsense when the standard's table does not reach that far
     */
    public function bore(Length $nominal): Estimate
    {
        $lower = self::row('ring_tolerances', ['ring' => 'bore'], 'over_mm', 'upto_mm', $nominal)['lower_um'] / 1000;

        return new Estimate($nominal->mm + $lower / 2, abs($lower) / 2 / sqrt(3));
    }

    /**
     * The interference that a hole class gives with a ring of normal class, least and most, in mm.
     *
     * @return array{float, float}
     *
     * @throws Nonsense when the table does not reach that far
     */
    public function nominalInterference(Length $outside, string $class): array
    {
        $ring = self::row('ring_tolerances', ['ring' => 'outside'], 'over_mm', 'upto_mm', $outside);
        $hole = self::row('fits', ['class' => $class], 'over_mm', 'upto_mm', $outside);

        return [($ring['lower_um'] - $hole['upper_um']) / 1000, -$hole['lower_um'] / 1000];
    }

    /**
     * Radial clearance of a new single-row deep-groove bearing, least and most, in mm.
     *
     * @return array{float, float}
     *
     * @throws Nonsense when the table does not reach that far
     */
    public function clearance(Length $bore, string $class): array
    {
        $row = self::row('clearances', ['class' => $class], 'over_bore_mm', 'upto_bore_mm', $bore);

        return [$row['least_um'] / 1000, $row['most_um'] / 1000];
    }

    /**
     * @param  array<string, string>  $where
     * @return array<string, float>
     */
    private static function row(string $table, array $where, string $over, string $upto, Length $size): array
    {
        foreach (Table::rows($table) as $row) {
            if (array_intersect_assoc($where, $row) === $where && $size->mm > (float) $row[$over] && $size->mm <= (float) $row[$upto]) {
                return array_map(floatval(...), $row);
            }
        }
        throw new Nonsense(sprintf('The standard\'s table here does not reach %s mm (%s).', round($size->mm, 2), implode(' ', $where)));
    }
}
