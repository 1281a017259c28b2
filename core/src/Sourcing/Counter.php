<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Measure\Money;

/** A supplier as a basket sees it. */
final readonly class Counter
{
    public function __construct(public int $id, public string $name, public Money $carriage)
    {
    }
}
