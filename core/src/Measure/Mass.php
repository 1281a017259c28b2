<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/** A mass, in grams. */
final readonly class Mass implements Quantity
{
    private function __construct(public float $grams)
    {
    }

    /** @throws InvalidInput when the number is not finite */
    public static function grams(float|int $grams): self
    {
        return new self(InvalidInput::unlessFinite((float) $grams));
    }

    public function amount(): float
    {
        return $this->grams;
    }

    public function unit(): Unit
    {
        return Unit::Gram;
    }
}
