<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

/** What a hub belongs to: decides how it is made safe. */
enum MachineKind: string
{
    case Bicycle = 'bicycle';
    case Motorcycle = 'motorcycle';
    case Quad = 'quad';
    case Cart = 'cart';
    case Mower = 'mower';
    case Trailer = 'trailer';
    case Loose = 'loose';

    /** Whether people ride it or it is drawn on the road: then its wheels are braked. */
    public function isRidden(): bool
    {
        return in_array($this, [self::Bicycle, self::Motorcycle, self::Quad, self::Cart, self::Trailer], true);
    }

    /** Whether its wheels steer, or hang on arms that do. */
    public function isSteered(): bool
    {
        return $this->isRidden() && $this !== self::Trailer;
    }
}
