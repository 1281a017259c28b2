<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\SmallParts;

use CleanRace\Core\Verdict\Field;

final readonly class TaperSetInput
{
    public function __construct(#[Field('Number on the cone')] public string $cone, #[Field('Number on the cup')] public string $cup)
    {
    }
}
