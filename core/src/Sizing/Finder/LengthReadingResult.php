<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Finder;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Verdict;

final readonly class LengthReadingResult
{
    public function __construct(public Length $length, public string $inches, public ?string $fraction, public Verdict $verdict)
    {
    }
}
