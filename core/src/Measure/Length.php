<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/** A length, in millimetres. It may be negative: a depth, an offset, a difference. */
final readonly class Length implements Quantity
{
    /** Nothing on a wheel is longer than this, in mm. */
    public const LONGEST_MM = 2000.0;

    private function __construct(public float $mm)
    {
    }

    /** @throws InvalidInput when the number is not finite or is beyond two metres */
    public static function mm(float|int $mm): self
    {
        $mm = InvalidInput::unlessFinite((float) $mm);

        return abs($mm) > self::LONGEST_MM ? throw InvalidInput::tooLong($mm) : new self($mm);
    }

    public function amount(): float
    {
        return $this->mm;
    }

    public function unit(): Unit
    {
        return Unit::Millimetre;
    }
}
