<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Listen;

/** From where to where, in times a turn, a part would speak. */
final readonly class PartMark
{
    /** @param  string  $part outer_ring, inner_ring, ball or cage */
    public function __construct(public string $part, public float $low, public float $high)
    {
    }
}
