<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/** A pressure or a stress, in megapascals. */
final readonly class Pressure implements Quantity
{
    private function __construct(public float $megapascals)
    {
    }

    /** @throws InvalidInput when the number is not finite */
    public static function megapascals(float|int $megapascals): self
    {
        return new self(InvalidInput::unlessFinite((float) $megapascals));
    }

    public function amount(): float
    {
        return $this->megapascals;
    }

    public function unit(): Unit
    {
        return Unit::Megapascal;
    }
}
