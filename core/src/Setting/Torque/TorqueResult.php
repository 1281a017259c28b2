<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Torque;

use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Verdict\Verdict;

/** What to set the wrench to, and what the thread takes at most. */
final readonly class TorqueResult
{
    /**
     * @param  ?Torque  $set on the wrench; null when no figure is known
     * @param  ?Torque  $ceiling what the thread takes; never something to aim at
     */
    public function __construct(public ?Torque $set, public ?Torque $ceiling, public Verdict $verdict)
    {
    }
}
