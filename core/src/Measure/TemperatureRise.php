<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/** A difference between two temperatures, in kelvin. */
final readonly class TemperatureRise implements Quantity
{
    private function __construct(public float $kelvin)
    {
    }

    /** @throws InvalidInput when the number is not finite */
    public static function kelvin(float|int $kelvin): self
    {
        return new self(InvalidInput::unlessFinite((float) $kelvin));
    }

    public function amount(): float
    {
        return $this->kelvin;
    }

    public function unit(): Unit
    {
        return Unit::Kelvin;
    }
}
