<?php

declare(strict_types=1);

namespace CleanRace\Core\Verdict;

use CleanRace\Core\Measure\Quantity;
use CleanRace\Core\Measure\Unit;

/** A quantity in a message that is shown with other decimals than its unit usually has. */
final readonly class Shown implements Quantity
{
    private function __construct(private Quantity $quantity, public int $digits)
    {
    }

    /** The quantity with so many decimals, in the unit it is held in. */
    public static function of(Quantity $quantity, int $digits): self
    {
        return new self($quantity, $digits);
    }

    public function amount(): float
    {
        return $this->quantity->amount();
    }

    public function unit(): Unit
    {
        return $this->quantity->unit();
    }
}
