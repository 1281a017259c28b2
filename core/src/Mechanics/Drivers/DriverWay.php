<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Drivers;

use CleanRace\Core\Patterns\Push;

/** What a driver is to do: which ring it pushes, and past what. */
enum DriverWay: string
{
    case IntoBore = 'into_bore';
    case OntoShaft = 'onto_shaft';
    case BothRings = 'both_rings';
    case OutFromBehind = 'out_from_behind';

    /** The way that pushes what a pattern says is pushed. */
    public static function pushing(Push $push): self
    {
        return match ($push) {
            Push::Outer => self::IntoBore,
            Push::Inner => self::OntoShaft,
            Push::Both => self::BothRings,
        };
    }

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::IntoBore => 'Into a bore, by the outer ring',
            self::OntoShaft => 'On a shaft, by the inner ring',
            self::BothRings => 'Both rings at once',
            self::OutFromBehind => 'The old one out, from behind',
        };
    }
}
