<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/** A temperature, in degrees Celsius. */
final readonly class Temperature implements Quantity
{
    private function __construct(public float $celsius)
    {
    }

    /** @throws InvalidInput when the number is not finite */
    public static function celsius(float|int $celsius): self
    {
        return new self(InvalidInput::unlessFinite((float) $celsius));
    }

    public function amount(): float
    {
        return $this->celsius;
    }

    public function unit(): Unit
    {
        return Unit::Celsius;
    }
}
