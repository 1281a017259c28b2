<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/** A volume, in cubic centimetres. */
final readonly class Volume implements Quantity
{
    private function __construct(public float $cubicCentimetres)
    {
    }

    /** @throws InvalidInput when the number is not finite */
    public static function cubicCentimetres(float|int $cubicCentimetres): self
    {
        return new self(InvalidInput::unlessFinite((float) $cubicCentimetres));
    }

    public function amount(): float
    {
        return $this->cubicCentimetres;
    }

    public function unit(): Unit
    {
        return Unit::CubicCentimetre;
    }
}
