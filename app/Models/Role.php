<?php

declare(strict_types=1);

namespace App\Models;

/** What a person of a shop may do. */
enum Role: string
{
    case Owner = 'owner';
    case Mechanic = 'mechanic';
    case Apprentice = 'apprentice';

    /** Orders, receives, quotes and tells the customer; reads jobs and opens them, and works on none. */
    case Counter = 'counter';

    public function maySign(): bool
    {
        return $this === self::Owner || $this === self::Mechanic;
    }

    /** Takes readings, answers, photos: what is done at the bench. */
    public function mayWork(): bool
    {
        return $this !== self::Counter;
    }

    public function mayBuy(): bool
    {
        return $this !== self::Apprentice;
    }

    public function mayKeepTools(): bool
    {
        return $this === self::Owner || $this === self::Mechanic;
    }
}
