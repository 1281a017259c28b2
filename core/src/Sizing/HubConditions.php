<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing;

/** What the hub asks of a bearing. Null is not known. */
final readonly class HubConditions
{
    public function __construct(
        public ?HubUse $use = null,
        public ?NippleUse $nipple = null,
        public ?bool $ownSeals = null,
        public ?bool $wet = null,
    ) {
    }

    public function areKnown(): bool
    {
        return $this->use !== null || $this->nipple !== null || $this->ownSeals !== null;
    }
}
