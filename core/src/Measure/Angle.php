<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/** An angle, in degrees. */
final readonly class Angle implements Quantity
{
    private function __construct(public float $degrees)
    {
    }

    /** @throws InvalidInput when the number is not finite */
    public static function degrees(float|int $degrees): self
    {
        return new self(InvalidInput::unlessFinite((float) $degrees));
    }

    public function amount(): float
    {
        return $this->degrees;
    }

    public function unit(): Unit
    {
        return Unit::Degree;
    }
}
