<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

/** What has to be set on a hub once it is together. */
enum HubSetting: string
{
    /** A nut clamps the inner rings on their sleeve; nothing is adjusted. */
    case Clamped = 'clamped';

    /** Loose balls, laid by count, and cones set by feel. */
    case Cones = 'cones';

    /** A threaded axle whose ends stand out alike. */
    case AxleEnds = 'axle_ends';

    /** A castle nut that leaves a little end play. */
    case Tapers = 'tapers';

    /** Washers on a plain axle that leave a little float. */
    case Float = 'float';

    /** A rim that stands in the middle of its fork. */
    case Centre = 'centre';
}
