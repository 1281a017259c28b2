<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Shop;
use CleanRace\Core\Stripping\Habit;

/** A shop and its habits: each a choice between schools, with what speaks for each. */
final readonly class ShopSheet
{
    /** @param  list<Habit>  $habits */
    public function __construct(public string $name, public bool $mayChange, public array $habits)
    {
    }

    public static function of(Shop $shop, bool $mayChange): self
    {
        return new self($shop->name, $mayChange, Habit::all($shop->habits));
    }
}
