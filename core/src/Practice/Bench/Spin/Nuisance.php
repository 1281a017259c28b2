<?php

declare(strict_types=1);

namespace CleanRace\Core\Practice\Bench\Spin;

/** What spoils a recording of a wheel. */
enum Nuisance: string
{
    case Voice = 'voice';
    case Wind = 'wind';
    case Knocks = 'knocks';
    case Thumps = 'thumps';
    case Clipping = 'clipping';
    case NoTouch = 'no_touch';
    case Telephone = 'telephone';
}
