<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Verdict\Field;

/** One thing to compare, old beside new: a length as people type it, or words such as a thread. */
final readonly class NamedSize
{
    public function __construct(
        #[Field('What')] public string $what,
        #[Field('Old')] public string $old,
        #[Field('New')] public string $new,
    ) {
    }
}
