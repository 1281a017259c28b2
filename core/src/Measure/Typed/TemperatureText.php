<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure\Typed;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Temperature;

/** Reads a temperature as people type it: `18`, `18 C`, `64 F`. A bare number is degrees Celsius. */
final readonly class TemperatureText
{
    private function __construct(private float $least, private float $most, private string $otherwise)
    {
    }

    /** Reads temperatures that a shop can have. */
    public static function ofShop(): self
    {
        return new self(-30.0, 50.0, 'A shop is between −30 and 50 °C. Check the number.');
    }

    /** Of something that was warmed. */
    public static function ofHub(): self
    {
        return new self(-30.0, 250.0, 'A hub here is between −30 and 250 °C: past that, its temper is gone. Check the number.');
    }

    /** @throws InvalidInput when it is not a temperature, or one that this cannot have */
    public function read(string $typed): Temperature
    {
        if (preg_match('/^([+\-−]?\d{1,3}(?:[.,]\d+)?)\s*°?\s*([cf]?)$/ui', trim($typed), $found) !== 1) {
            throw new InvalidInput(sprintf('"%s" is not a temperature. Type a number, such as 18 or 64 F.', mb_substr($typed, 0, 40)));
        }
        $number = (float) str_replace([',', '−'], ['.', '-'], $found[1]);
        $celsius = strtolower($found[2]) === 'f' ? ($number - 32) / 1.8 : $number;
        if ($celsius < $this->least || $celsius > $this->most) {
            throw new InvalidInput($this->otherwise);
        }

        return Temperature::celsius($celsius);
    }
}
