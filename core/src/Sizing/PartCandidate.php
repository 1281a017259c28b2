<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing;

use CleanRace\Core\Measure\Share;

/** One listed seal, ring, ball, pin or O-ring that the readings may mean. */
final readonly class PartCandidate
{
    /** @param  string  $sizes as it is asked for, with the unit */
    public function __construct(public string $name, public string $sizes, public string $system, public float $chiSquare, public Share $probability)
    {
    }
}
