<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\MeterReading;
use CleanRace\Core\Measure\LookAgain;
use Illuminate\Support\Carbon;

/** The day on which something is to be looked at again, and the meter reading, as far as either can be told. */
final readonly class DueDay
{
    private const DAYS_A_MONTH = 30;

    private function __construct(public ?Carbon $on, public ?float $meter, public ?string $unit)
    {
    }

    public static function of(LookAgain $when, Carbon $signed, int $machine): self
    {
        $day = $signed->copy()->startOfDay();
        $meter = $when->at ?? $when->after;
        if ($meter !== null) {
            $now = self::latest($machine, $meter->unit);
            $due = $when->at !== null ? $meter->amount : ($now === null ? null : $now->amount + $meter->amount);

            return new self(
                $due === null ? null : self::reached($machine, $meter->unit, $due),
                $due,
                $due === null ? null : $meter->unit,
            );
        }

        return new self(
            match (true) {
                $when->on !== null => Carbon::parse($when->on),
                $when->before !== null => self::season($day, $when->before),
                default => $day->copy()->addMonthsNoOverflow($when->months)->addDays($when->days),
            },
            null,
            null,
        );
    }

    /** The first day of a month, the next time it comes. */
    private static function season(Carbon $from, int $month): Carbon
    {
        $begins = $from->copy()->setDate($from->year, $month, 1);

        return $begins->lte($from) ? $begins->addYear() : $begins;
    }

    /** When the meter will show that much, if the machine goes on as between its last readings; null when there is only one. */
    private static function reached(int $machine, string $unit, float $due): ?Carbon
    {
        $last = self::latest($machine, $unit);
        $first = MeterReading::query()->where('machine_id', $machine)->where('unit', $unit)->orderBy('read_on')->orderBy('id')->first();
        if (
            $last === null ||
            $first === null ||
            $first->read_on->diffInDays($last->read_on) < self::DAYS_A_MONTH ||
            $last->amount <= $first->amount
        ) {
            return null;
        }
        $daily = ($last->amount - $first->amount) / $first->read_on->diffInDays($last->read_on);

        return $last->read_on->copy()->addDays((int) min(20_000, max(0, ceil(($due - $last->amount) / $daily))));
    }

    private static function latest(int $machine, string $unit): ?MeterReading
    {
        return MeterReading::query()
            ->where('machine_id', $machine)
            ->where('unit', $unit)
            ->orderByDesc('read_on')
            ->orderByDesc('id')
            ->first();
    }
}
