<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

/** One part, old beside new. */
final readonly class PartMatch
{
    /** @param  list<Difference>  $compared */
    public function __construct(public string $part, public array $compared)
    {
    }
}
