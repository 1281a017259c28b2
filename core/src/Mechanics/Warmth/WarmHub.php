<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Warmth;

use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;

/** How warm the hub is while somebody is at it: what hands tell of a fit counts on a cold hub only, so it is kept with the temperature. */
final class WarmHub
{
    /** What such a hub has when nobody read it, in °C. */
    private const UNREAD_C = 60.0;

    /** Up to this it is as cold as the shop: a warm hand or the sun, in °C. */
    private const COLD_C = 35.0;

    /** The temperature of a hub that was warmed and not left to cool; null when it is cold. */
    public static function now(Notebook $notebook): ?Temperature
    {
        $hub = $notebook->temperature(Places::HUB_TEMPERATURE) ?? Temperature::celsius(self::UNREAD_C);

        return $notebook->choice(Places::WARMED) === 'warm' && $hub->celsius > self::COLD_C ? $hub : null;
    }
}
