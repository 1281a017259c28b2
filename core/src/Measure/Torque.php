<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/** A tightening torque, in newton-metres. */
final readonly class Torque implements Quantity
{
    private function __construct(public float $newtonMetres)
    {
    }

    /** @throws InvalidInput when the number is not finite */
    public static function newtonMetres(float|int $newtonMetres): self
    {
        return new self(InvalidInput::unlessFinite((float) $newtonMetres));
    }

    public function amount(): float
    {
        return $this->newtonMetres;
    }

    public function unit(): Unit
    {
        return Unit::NewtonMetre;
    }
}
