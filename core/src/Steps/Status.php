<?php

declare(strict_types=1);

namespace CleanRace\Core\Steps;

/** How far a station is, and whether something stands in its way. */
enum Status: string
{
    case Untouched = 'untouched';
    case UnderWay = 'under_way';
    case Settled = 'settled';
    case Care = 'care';
    case Stop = 'stop';
}
