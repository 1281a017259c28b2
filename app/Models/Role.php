<?php

declare(strict_types=1);

namespace App\Models;

/** What a person of a shop may do. */
enum Role: string
{
    case Owner = 'owner';
    case Mechanic = 'mechanic';
    case Apprentice = 'apprentice';

    public function maySign(): bool
    {
        return $this !== self::Apprentice;
    }

    public function mayBuy(): bool
    {
        return $this !== self::Apprentice;
    }

    public function mayKeepTools(): bool
    {
        return $this !== self::Apprentice;
    }
}
