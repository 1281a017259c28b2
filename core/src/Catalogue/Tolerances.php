<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue;

use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Table;

/** What the standards allow: ring tolerances (ISO 492), hole and shaft classes (ISO 286), radial clearance (ISO 5753). */
final readonly class Tolerances
{
    /**
     * The true outside diameter of a ring of this nominal size: the middle of its band, as a flat band.
     *
     * @throws InvalidInput when the standard's table does not reach that far
     */
    public function outside(Length $nominal, bool $inchTaper = false): Estimate
    {
        return self::middle($nominal, $this->outsideBand($nominal, $inchTaper));
    }

    /**
     * The true bore of a ring of this nominal size, likewise.
     *
     * @throws InvalidInput when the standard's table does not reach that far
     */
    public function bore(Length $nominal, bool $inchTaper = false): Estimate
    {
        return self::middle($nominal, $this->boreBand($nominal, $inchTaper));
    }

    /**
     * Deviations that the standard allows an outer ring, least and most, in mm.
     *
     * @return array{float, float}
     *
     * @throws InvalidInput when the standard's table does not reach that far
     */
    public function outsideBand(Length $nominal, bool $inchTaper = false): array
    {
        return self::ring($inchTaper ? 'cup' : 'outside', $nominal);
    }

    /**
     * Deviations that the standard allows the bore of an inner ring, least and most, in mm.
     *
     * @return array{float, float}
     *
     * @throws InvalidInput when the standard's table does not reach that far
     */
    public function boreBand(Length $nominal, bool $inchTaper = false): array
    {
        return self::ring($inchTaper ? 'cone' : 'bore', $nominal);
    }

    /**
     * Deviations of a hole or shaft class, least and most, in mm.
     *
     * @return array{float, float}
     *
     * @throws InvalidInput when the standard's table does not reach that far
     */
    public function classBand(Length $nominal, string $class): array
    {
        $row = self::row('fits', ['class' => $class], 'over_mm', 'upto_mm', $nominal);

        return [$row['lower_um'] / 1000, $row['upper_um'] / 1000];
    }

    /**
     * The interference that a hole class gives with a ring of normal class, least and most, in mm.
     *
     * @return array{float, float}
     *
     * @throws InvalidInput when the table does not reach that far
     */
    public function nominalInterference(Length $outside, string $class, bool $inchTaper = false): array
    {
        [$holeLow, $holeHigh] = $this->classBand($outside, $class);
        [$ringLow, $ringHigh] = $this->outsideBand($outside, $inchTaper);

        return [$ringLow - $holeHigh, $ringHigh - $holeLow];
    }

    /**
     * The interference that a shaft class gives in a ring of normal class, least and most, in mm.
     *
     * @return array{float, float}
     *
     * @throws InvalidInput when the table does not reach that far
     */
    public function nominalShaftInterference(Length $bore, string $class, bool $inchTaper = false): array
    {
        [$shaftLow, $shaftHigh] = $this->classBand($bore, $class);
        [$ringLow, $ringHigh] = $this->boreBand($bore, $inchTaper);

        return [$shaftLow - $ringHigh, $shaftHigh - $ringLow];
    }

    /**
     * Radial clearance of a new single-row deep-groove bearing, least and most, in mm.
     *
     * @return array{float, float}
     *
     * @throws InvalidInput when the table does not reach that far
     */
    public function clearance(Length $bore, string $class): array
    {
        $row = self::row('clearances', ['class' => $class], 'over_bore_mm', 'upto_bore_mm', $bore);

        return [$row['least_um'] / 1000, $row['most_um'] / 1000];
    }

    /** @return array{float, float} mm */
    private static function ring(string $ring, Length $nominal): array
    {
        $row = self::row('ring_tolerances', ['ring' => $ring], 'over_mm', 'upto_mm', $nominal);

        return [$row['lower_um'] / 1000, $row['upper_um'] / 1000];
    }

    /** @param  array{float, float}  $band */
    private static function middle(Length $nominal, array $band): Estimate
    {
        return new Estimate($nominal->mm + ($band[0] + $band[1]) / 2, ($band[1] - $band[0]) / 2 / sqrt(3));
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
        throw new InvalidInput(sprintf('The standard\'s table here does not reach %s mm (%s).', round($size->mm, 2), implode(' ', $where)));
    }
}
