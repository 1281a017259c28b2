<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

/** What turns, and so which ring must be held by a press fit: the one that turns relative to the load. */
enum Turning: string
{
    case Hub = 'hub';
    case InnerRing = 'inner_ring';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Hub => 'the hub turns',
            self::InnerRing => 'the inner ring turns',
        };
    }
}
