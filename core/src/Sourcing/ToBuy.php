<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

/** One line of the list to buy. */
final readonly class ToBuy
{
    /**
     * @param  string  $what what it is for
     * @param  string  $askFor what to say at the counter
     */
    public function __construct(public string $what, public string $askFor, public int $quantity, public ?string $note)
    {
    }
}
