<?php

declare(strict_types=1);

namespace CleanRace\Core\Verdict;

use CleanRace\Core\Catalogue\Table;
use OutOfBoundsException;

/** Every threshold and default, from one table. A shop may change those the table marks as its own. */
final readonly class Limits
{
    /** @param  array<int|string, float>  $values */
    private function __construct(private array $values)
    {
    }

    public static function standard(): self
    {
        return new self(array_map(floatval(...), array_column(Table::rows('limits'), 'value', 'name')));
    }

    /** @throws OutOfBoundsException when the table has no such limit: a fault of the program, not of the person */
    public function get(string $name): float
    {
        return $this->values[$name] ?? throw new OutOfBoundsException("No limit named $name in limits.csv.");
    }

    /**
     * The rule for every limit: sure enough inside is go; sure enough outside, with a real sign of it, is stop;
     * whatever lies between is care, and never a wall.
     *
     * @param  float  $inside probability of being inside the limit that is wanted
     * @param  float  $bearable probability of being inside the limit beyond which work must not go on
     * @param  bool  $sign a reading outside by more than two standard deviations, or an observation that means it
     */
    public function level(float $inside, float $bearable, bool $sign): Level
    {
        $sure = $this->get('level.sure');

        return match (true) {
            $inside >= $sure => Level::Go,
            $bearable <= 1 - $sure + 1e-9 && $sign => Level::Stop,
            default => Level::Care,
        };
    }
}
