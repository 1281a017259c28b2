<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing;

/** Another bearing that may, or may not, go where this one came out. */
final readonly class Substitute
{
    public function __construct(public string $number, public bool $may, public string $why)
    {
    }
}
