<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

/** How soon it must be put right. */
enum Urgency: string
{
    case Stop = 'do_not_ride';
    case Soon = 'soon';
    case NextChance = 'next_chance';
    case Fine = 'fine';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Stop => 'Do not ride',
            self::Soon => 'Soon, both sides',
            self::NextChance => 'At the next chance, before the season',
            self::Fine => 'Nothing to put right',
        };
    }
}
