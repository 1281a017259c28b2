<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Bearing;

use CleanRace\Core\Hub\HubUse;
use CleanRace\Core\Sizing\Grease\NippleUse;
use CleanRace\Core\Verdict\Field;

/** What is stamped, and what is known of the hub it is for. */
final readonly class BearingNumberInput
{
    public function __construct(
        #[Field('What is stamped on the ring')] public string $number,
        #[Field('The hub is')] public ?HubUse $use = null,
        #[Field('Grease nipple')] public ?NippleUse $nipple = null,
        #[Field('The hub has seals of its own')] public ?bool $hubSeals = null,
        #[Field('Runs in the wet')] public ?bool $wet = null,
    ) {
    }

    /** What is known of the hub, as its conditions. */
    public function hub(): HubConditions
    {
        return new HubConditions($this->use, $this->nipple, $this->hubSeals, $this->wet);
    }
}
