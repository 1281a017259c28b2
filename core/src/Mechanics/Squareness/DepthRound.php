<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Squareness;

use CleanRace\Core\Verdict\Field;

/** One round of depths about the ring, taken between two rounds of taps. */
final readonly class DepthRound
{
    /** @param  list<ClockDepth>  $readings */
    public function __construct(#[Field('Depths around the clock', of: ClockDepth::class)] public array $readings)
    {
    }
}
