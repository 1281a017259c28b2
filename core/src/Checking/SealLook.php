<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

/** What is seen at the seals. */
enum SealLook: string
{
    case Dry = 'dry';
    case Rust = 'rust';
    case GreaseOut = 'grease_out';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Dry => 'Dry and whole',
            self::Rust => 'Rust at the lip',
            self::GreaseOut => 'Grease outside',
        };
    }
}
