<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Home;

/** What hands and ears tell of a ring on its ledge. */
enum HomeSign: string
{
    case NoteChanged = 'note_changed';
    case HardStop = 'hard_stop';
    case FeelerRefused = 'feeler_refused';
    case LightUnder = 'light_under';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::NoteChanged => 'The note went dull and low',
            self::HardStop => 'It came to a hard stop',
            self::FeelerRefused => 'A feeler will not go under',
            self::LightUnder => 'A feeler or light goes under',
        };
    }
}
