<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Drivers;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Field;

/** What passes down through the support, what hangs below, and what there is to stand the hub on. */
final readonly class SupportChoiceInput
{
    /** @param  list<ToolInput>  $supports rings, cups or blocks: opening, and length as their height */
    public function __construct(
        #[Field('Outside of what passes through')] public Length $passes,
        #[Field('Outside of the hub round the bore')] public Length $hubOutside,
        #[Field('How much hangs below the face', least: 0)] public ?Length $hangs = null,
        #[Field('Supports', of: ToolInput::class)] public array $supports = [],
    ) {
        if ($passes->mm >= $hubOutside->mm) {
            throw InvalidInput::about('passes_mm', 'What passes through cannot be as wide as the hub.');
        }
    }
}
