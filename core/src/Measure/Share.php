<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/** A share of a whole: 0.5 is a half. */
final readonly class Share implements Quantity
{
    private function __construct(public float $share)
    {
    }

    /** @throws InvalidInput when the number is not finite */
    public static function of(float|int $share): self
    {
        return new self(InvalidInput::unlessFinite((float) $share));
    }

    public function amount(): float
    {
        return $this->share;
    }

    public function unit(): Unit
    {
        return Unit::Share;
    }
}
