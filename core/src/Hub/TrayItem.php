<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Verdict\Message;

/** A part, where it is, in what condition and which way round it lay. */
final readonly class TrayItem
{
    /**
     * @param  list<string>  $photos ids
     * @param  list<Message|string>  $findings what was seen of it, in words
     */
    public function __construct(
        public string $part,
        public PartKind $kind,
        public Message|string $name,
        public Side $side,
        public PartState $state,
        public ?string $condition,
        public Message|string|null $wayRound,
        public ?int $order,
        public array $photos = [],
        public array $findings = [],
        public ?string $note = null,
        public ?string $reason = null,
        public bool $new = false,
    ) {
    }
}
