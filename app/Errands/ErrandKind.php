<?php

declare(strict_types=1);

namespace App\Errands;

/** What can be asked for that takes its time, and who does it. */
enum ErrandKind: string
{
    case TakeJob = 'take_job';
    case ReadPrices = 'read_prices';
    case TakeAlong = 'take_along';

    /** @return class-string<DoesErrand> */
    public function doer(): string
    {
        return match ($this) {
            self::TakeJob => TakesJob::class,
            self::ReadPrices => ReadsPrices::class,
            self::TakeAlong => TakesAlong::class,
        };
    }

    /** What is larger takes longer than an answer may. */
    public function atOnceBytes(): int
    {
        return match ($this) {
            self::TakeJob => 1_000_000,
            self::ReadPrices => 100_000,
            // Never at once, however little there is.
            self::TakeAlong => -1,
        };
    }
}
