<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

/** What a hub carries: how it is tried before and after, and what can be wrong with it, follow from that. */
enum HubRole: string
{
    case Wheel = 'wheel';

    /** A wheel that guides a track, a chain or a belt. */
    case Idler = 'idler';

    /** A shaft that carries a blade. */
    case Blade = 'blade';

    /** The body inside a wheel that drives one way and runs free the other. */
    case Freehub = 'freehub';
}
