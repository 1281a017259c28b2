<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Press;

/** Where the force of a press turns up for good: travel in mm, as it is taken, and the earliest that the samples leave open. */
final readonly class Knee
{
    public function __construct(public float $at, public float $earliest)
    {
    }
}
