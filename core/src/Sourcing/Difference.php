<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Verdict\Level;

/** One thing compared, old beside new. */
final readonly class Difference
{
    public function __construct(public string $what, public string $old, public string $new, public Level $level)
    {
    }
}
