<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

/** One line of the list to buy. */
final readonly class ToBuy
{
    /**
     * @param  string  $what what it is for
     * @param  string  $askFor what to say at the counter
     * @param  ?string  $key what it is in any price list, {@see ArticleKey}; null while it is not known well enough
     */
    public function __construct(public string $what, public string $askFor, public int $quantity, public ?string $note, public ?string $key = null)
    {
    }

    /** The same for one more part. */
    public function and(self $other): self
    {
        return new self($this->what.', '.lcfirst($other->what), $this->askFor, $this->quantity + $other->quantity, $this->note, $this->key);
    }
}
