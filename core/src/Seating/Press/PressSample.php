<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Press;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Field;

/** What load cell and travel gauge of a press show at one moment. Travel counts from where the ring touches the mouth of its seat. */
final readonly class PressSample
{
    public function __construct(
        #[Field('Travel', least: -50)] public Length $travel,
        #[Field('Force', least: -1_000_000)] public Force $force,
    ) {
    }
}
