<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound;

/** Which ring of a bearing turns with what is spun. */
enum TurningRing: string
{
    /** The hub turns on a standing axle. */
    case Outer = 'outer';
    /** The axle turns in a standing housing. */
    case Inner = 'inner';
}
