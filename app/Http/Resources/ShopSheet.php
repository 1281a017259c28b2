<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Shop;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Money;
use CleanRace\Core\Stripping\Habit;

/** What is noted of a shop, and its habits: each a choice between schools, with what speaks for each. */
final readonly class ShopSheet
{
    /**
     * @param  Money  $hour an hour at the bench
     * @param  ?Force  $press what the press can do; null where there is none
     * @param  list<Habit>  $habits
     */
    public function __construct(
        public string $name,
        public string $place,
        public string $timeZone,
        public string $currency,
        public Money $hour,
        public string $units,
        public string $paper,
        public ?Force $press,
        public string $drawBolt,
        public bool $alone,
        public bool $prices,
        public ?int $lockMinutes,
        public bool $mayChange,
        public array $habits,
    ) {
    }

    public static function of(Shop $shop, bool $mayChange): self
    {
        return new self(
            $shop->name,
            $shop->place,
            $shop->time_zone,
            $shop->currency,
            Money::minor($shop->hour_minor),
            $shop->units,
            $shop->paper,
            $shop->press_capacity_n === null ? null : Force::newtons($shop->press_capacity_n),
            $shop->draw_bolt,
            $shop->alone,
            $shop->prices,
            $shop->lock_minutes,
            $mayChange,
            Habit::all($shop->habits),
        );
    }
}
