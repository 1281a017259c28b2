<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Drivers;

use CleanRace\Core\Verdict\Field;

/** Bearings that were fitted, and the drivers there are. */
final readonly class NextToolInput
{
    /**
     * @param  list<FittedBefore>  $fitted
     * @param  list<ToolInput>  $tools
     */
    public function __construct(
        #[Field('Bearings fitted', of: FittedBefore::class)] public array $fitted,
        #[Field('Tools', of: ToolInput::class)] public array $tools = [],
    ) {
    }
}
