<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Cones;

/** What the hands feel of a cone as it stands. */
enum ConeFelt: string
{
    case Binds = 'binds';
    case Gritty = 'gritty';
    case None = 'none';
    case Trace = 'trace';
    case Play = 'play';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Binds => 'Binds',
            self::Gritty => 'Gritty',
            self::None => 'Smooth, no play',
            self::Trace => 'A trace of play',
            self::Play => 'Plain play',
        };
    }

    /** The end play that it tells of, as names of two limits; less than none is preload. Null where it has no end. */
    public function leastPlay(): ?string
    {
        return match ($this) {
            self::Binds => null,
            self::Gritty => null,
            self::None => 'cone.none_least',
            self::Trace => 'cone.trace_least',
            self::Play => 'cone.play_least',
        };
    }

    /** Name of the limit up to which it is felt so; null when it has no upper end. */
    public function mostPlay(): ?string
    {
        return match ($this) {
            self::Binds => 'cone.binds_most',
            self::Gritty => 'cone.gritty_most',
            self::None => 'cone.none_most',
            self::Trace => 'cone.trace_most',
            self::Play => null,
        };
    }
}
