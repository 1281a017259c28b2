<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

/** To what the ring was made: ball and metric taper bearings end at their nominal size, inch tapers begin there. */
enum RingTolerance: string
{
    case Normal = 'normal';
    case InchTaper = 'inch_taper';
}
