<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

/** How a ring is made to go in. */
enum WayIn: string
{
    case DrawBolt = 'draw_bolt';
    case Press = 'press';
    case Hammer = 'hammer';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::DrawBolt => 'Draw bolt',
            self::Press => 'Press',
            self::Hammer => 'Hammer and driver',
        };
    }
}
