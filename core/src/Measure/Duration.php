<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/** A span of time, in seconds. */
final readonly class Duration implements Quantity
{
    private function __construct(public float $seconds)
    {
    }

    /** @throws InvalidInput when the number is not finite */
    public static function seconds(float|int $seconds): self
    {
        return new self(InvalidInput::unlessFinite((float) $seconds));
    }

    public function amount(): float
    {
        return $this->seconds;
    }

    public function unit(): Unit
    {
        return Unit::Second;
    }
}
