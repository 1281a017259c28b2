<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Pressing;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Verdict\Verdict;

/** How long the rod must be, and may be; what the draw nut takes at the most force reckoned with. Most is null with a spanner. */
final readonly class DrawRodResult
{
    public function __construct(public Length $least, public ?Length $most, public ?Torque $torque, public Verdict $verdict)
    {
    }
}
