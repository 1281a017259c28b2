<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing;

/** One way to deal with a seat that no longer holds its ring, with what it costs and what may go wrong. */
final readonly class Remedy
{
    public function __construct(public string $name, public string $what, public string $cost, public string $risk, public bool $serves)
    {
    }
}
