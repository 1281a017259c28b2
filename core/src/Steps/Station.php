<?php

declare(strict_types=1);

namespace CleanRace\Core\Steps;

/** The seven stations of a job, in the order in which people work. */
enum Station: string
{
    case CheckIn = 'check_in';
    case Strip = 'strip';
    case Size = 'size';
    case Source = 'source';
    case Seat = 'seat';
    case Set = 'set';
    case Prove = 'prove';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::CheckIn => 'Check in',
            default => ucfirst($this->value),
        };
    }
}
