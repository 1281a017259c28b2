<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

/** A part, where it is, in what condition and which way round it lay. */
final readonly class TrayItem
{
    public function __construct(
        public string $part,
        public PartKind $kind,
        public string $name,
        public Side $side,
        public PartState $state,
        public ?string $condition,
        public ?string $wayRound,
        public ?string $photo,
        public ?int $order,
    ) {
    }
}
