<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;

/** One line of the list to buy. */
final readonly class ToBuy
{
    /**
     * @param  Message|string  $what what it is for
     * @param  Message|Written|string  $askFor what to say at the counter
     * @param  bool  $made whether it is turned to measure, and in no price list
     * @param  ?string  $key what it is in any price list, {@see ArticleKey}; null while it is not known well enough
     */
    public function __construct(
        public Message|string $what,
        public Message|Written|string $askFor,
        public int $quantity,
        public Message|string|null $note,
        public ?string $key = null,
        public bool $made = false,
    ) {
    }

    /** The same for one more part. */
    public function and(self $other): self
    {
        return new self(
            Message::listed([$this->what, Message::within($other->what)]),
            $this->askFor,
            $this->quantity + $other->quantity,
            $this->note,
            $this->key,
            $this->made,
        );
    }
}
