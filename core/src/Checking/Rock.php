<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

/** What rocking the wheel shows, wheel off the ground. */
enum Rock: string
{
    case None = 'none';
    case AtHub = 'at_hub';
    case FurtherIn = 'further_in';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::None => 'No play',
            self::AtHub => 'Play at the hub',
            self::FurtherIn => 'Play in suspension or steering',
        };
    }
}
