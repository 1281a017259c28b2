<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Pressing;

/** Radial clearance of a deep-groove bearing as ISO 5753 names it. */
enum ClearanceClass: string
{
    case C2 = 'C2';
    case CN = 'CN';
    case C3 = 'C3';
}
