<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

use CleanRace\Core\Measure\Share;

/** How likely one suspect is, and the signs that speak for it. */
final readonly class Suspicion
{
    /** @param  list<string>  $reasons */
    public function __construct(public Suspect $suspect, public Share $probability, public array $reasons)
    {
    }
}
