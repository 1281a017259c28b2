<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub\Patterns;

use CleanRace\Core\Hub\Pattern;
use OutOfBoundsException;

/** The hub patterns there are. To add one: write the class, and name it here. */
final class Patterns
{
    /** @return array<string, Pattern> by id */
    public static function all(): array
    {
        return array_column(array_map(static fn (Pattern $p): array => [$p->id(), $p], [new PairSleeve]), 1, 0);
    }

    /** @throws OutOfBoundsException when there is no such pattern */
    public static function find(string $id): Pattern
    {
        return self::all()[$id] ?? throw new OutOfBoundsException("No hub pattern named $id.");
    }
}
