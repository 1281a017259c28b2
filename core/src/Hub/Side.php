<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

/** Which side of a hub, seen with the machine pointing away. */
enum Side: string
{
    case Left = 'left';
    case Right = 'right';
    case Middle = 'middle';

    /** The side across; the middle has none and stays. */
    public function other(): self
    {
        return match ($this) {
            self::Left => self::Right,
            self::Right => self::Left,
            self::Middle => self::Middle,
        };
    }
}
