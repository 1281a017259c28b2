<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Cones;

/** How an axle is held: a quick-release squeezes it shorter, nuts on a solid one do not. */
enum AxleKind: string
{
    case Solid = 'solid';
    case QuickRelease = 'quick_release';

    /** How people say it. */
    public function label(): string
    {
        return $this === self::Solid ? 'Solid, with nuts' : 'Hollow, quick-release';
    }
}
