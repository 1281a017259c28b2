<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/**
 * Writes quantities as a person reads them, in words, on paper and in workings: 0.60 mm, 0.0236 in, 1.1%, 60 N·m.
 * The browser writes them the same way; both are held to one table of examples.
 */
final readonly class QuantityText
{
    private const MM_PER_INCH = 25.4;

    /** Decimals of a quantity that does not say how many it wants. */
    private const DIGITS = [
        'mm' => 2,
        'deg' => 2,
        'n' => 0,
        'nm' => 1,
        'c' => 0,
        'k' => 1,
        'mpa' => 1,
        'share' => 0,
        'g' => 1,
        'cm3' => 1,
        's' => 0,
        'count' => 0,
    ];

    /** @param  LengthUnit  $lengths what lengths are shown in; all else has one unit */
    public function __construct(private LengthUnit $lengths = LengthUnit::Millimetre)
    {
    }

    /** Decimals that a quantity is shown with unless it says otherwise. */
    public static function digits(Unit $unit): int
    {
        return self::DIGITS[$unit->value];
    }

    /** A quantity with its unit; with so many decimals, or its unit's usual. */
    public function of(Quantity $quantity, ?int $digits = null): string
    {
        return $this->write($quantity->amount(), $quantity->unit(), $digits ?? self::digits($quantity->unit()));
    }

    /** @param  float  $amount in that unit; a share as a part of one */
    public function write(float $amount, Unit $unit, int $digits): string
    {
        if ($unit === Unit::Millimetre && $this->lengths === LengthUnit::Inch) {
            return self::number($amount / self::MM_PER_INCH, $digits >= 3 ? 4 : 3).' in';
        }
        $number = self::number($unit === Unit::Share ? 100 * $amount : $amount, $digits);

        return match ($unit) {
            Unit::Degree, Unit::Share, Unit::Count => $number.$unit->symbol(),
            default => $number.' '.$unit->symbol(),
        };
    }

    /** Half-way goes away from nought, as written: 1.005 is 1.01. Nought has no sign. */
    private static function number(float $amount, int $digits): string
    {
        return number_format($amount, $digits, '.', '');
    }
}
