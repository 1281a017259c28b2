<?php

declare(strict_types=1);

namespace CleanRace\Core\Tables;

use OutOfBoundsException;

/** Every threshold and default, from one table. A shop may change those the table marks as its own. */
final readonly class Limits
{
    /** @param  array<int|string, float>  $values */
    private function __construct(private array $values)
    {
    }

    /** As limits.csv has them. */
    public static function standard(): self
    {
        return new self(array_map(floatval(...), array_column(Table::rows('limits'), 'value', 'name')));
    }

    /** @throws OutOfBoundsException when the table has no such limit: a fault of the program, not of the person */
    public function get(string $name): float
    {
        return $this->values[$name] ?? throw new OutOfBoundsException("No limit named $name in limits.csv.");
    }
}
