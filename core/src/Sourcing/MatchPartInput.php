<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Verdict\Field;

final readonly class MatchPartInput
{
    /** @param  list<NamedSize>  $sizes */
    public function __construct(
        #[Field('What part it is')] public PartKind $kind,
        #[Field('Sizes, old beside new', of: NamedSize::class)] public array $sizes,
    ) {
        if ($sizes === []) {
            throw InvalidInput::about('sizes', 'Nothing is compared yet. Measure one size of the old part and the same of the new one.');
        }
    }
}
