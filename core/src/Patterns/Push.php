<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

/** Which ring is pushed while a bearing goes in: the one whose fit is being made, or both where both go tight at once. */
enum Push: string
{
    case Outer = 'outer';
    case Inner = 'inner';
    case Both = 'both';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Outer => 'the outer ring',
            self::Inner => 'the inner ring',
            self::Both => 'both rings, flush',
        };
    }
}
