<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound;

/** What a spun hub has beside its bearings that may be heard, so that nothing is named which it cannot have. */
final readonly class Beside
{
    /**
     * @param  ?bool  $freehub null where nobody said
     * @param  bool  $braked whether a brake works on it
     * @param  bool  $wheel whether it carries a wheel, with tyre and valve
     */
    private function __construct(public ?bool $freehub, public bool $braked, public bool $wheel)
    {
    }

    /** A wheel of which no more is known. */
    public static function any(?bool $freehub = null): self
    {
        return new self($freehub, true, true);
    }

    public static function on(bool $freehub, bool $braked, bool $wheel): self
    {
        return new self($freehub, $braked, $wheel);
    }
}
