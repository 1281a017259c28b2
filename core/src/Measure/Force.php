<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/** A force, in newtons. */
final readonly class Force implements Quantity
{
    private function __construct(public float $newtons)
    {
    }

    /** @throws InvalidInput when the number is not finite */
    public static function newtons(float|int $newtons): self
    {
        return new self(InvalidInput::unlessFinite((float) $newtons));
    }

    public function amount(): float
    {
        return $this->newtons;
    }

    public function unit(): Unit
    {
        return Unit::Newton;
    }
}
