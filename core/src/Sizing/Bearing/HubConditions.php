<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Bearing;

use CleanRace\Core\Hub\HubUse;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Sizing\Grease\NippleUse;

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

    /** What the parts of the hub and the notebook say. */
    public static function of(Bench $bench): self
    {
        $notebook = $bench->notebook;
        $stack = $bench->hub->stack;

        return new self(
            HubUse::tryFrom($notebook->choice(Places::USE) ?? '') ?? $bench->pattern->card()->use,
            $stack->one(PartKind::Nipple) === null ? NippleUse::None : NippleUse::tryFrom($notebook->choice(Places::NIPPLE) ?? ''),
            $stack->ofKind(PartKind::Seal, PartKind::Felt) !== [],
            match ($notebook->choice(Places::WATER)) {
                'wet' => true,
                'dry' => false,
                default => null,
            },
        );
    }

    /** Whether anything is known that a bearing could be judged by. */
    public function areKnown(): bool
    {
        return $this->use !== null || $this->nipple !== null || $this->ownSeals !== null;
    }
}
