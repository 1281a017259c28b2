<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Tapers;

/** What hands say of a pair of tapers with the nut at its slot. */
enum TaperFeel: string
{
    case Free = 'free';
    case Trace = 'trace';
    case Play = 'play';
    case Drags = 'drags';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Free => 'Turns freely, no in-and-out',
            self::Trace => 'Turns freely, a trace of in-and-out',
            self::Play => 'Plain in-and-out',
            self::Drags => 'Drags',
        };
    }
}
