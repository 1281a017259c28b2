<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/** Reads a temperature as people type it: `18`, `18 C`, `64 F`. A bare number is degrees Celsius. */
final readonly class TemperatureText
{
    /** What a workshop can be, in °C. */
    private const LEAST = -30.0;

    private const MOST = 50.0;

    /** @throws Nonsense when it is not a temperature that a shop can have */
    public function read(string $typed): Temperature
    {
        if (preg_match('/^([+\-−]?\d{1,3}(?:[.,]\d+)?)\s*°?\s*([cf]?)$/ui', trim($typed), $found) !== 1) {
            throw new Nonsense(sprintf('"%s" is not a temperature. Type a number, such as 18 or 64 F.', mb_substr($typed, 0, 40)));
        }
        $number = (float) str_replace([',', '−'], ['.', '-'], $found[1]);
        $celsius = strtolower($found[2]) === 'f' ? ($number - 32) / 1.8 : $number;
        if ($celsius < self::LEAST || $celsius > self::MOST) {
            throw new Nonsense('A shop is between −30 and 50 °C. Check the number.');
        }

        return Temperature::celsius($celsius);
    }
}
