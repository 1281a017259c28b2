<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Tapers;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Length;

/** A place of the nut where the pin goes through: how far back from zero, and the end play there. */
final readonly class NutSlot
{
    public function __construct(public Angle $back, public Length $endPlay, public bool $inBand)
    {
    }
}
