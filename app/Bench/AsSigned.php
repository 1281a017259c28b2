<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Shapes\Json;
use CleanRace\Core\Job\JobReport;

/** A signed job is shown as it was judged when it was signed, whatever hangs on the wall or counts as a limit since. */
final class AsSigned
{
    /** What tells the things of a list apart, whichever of these they have. */
    private const NAMES = ['id', 'place', 'part', 'station', 'seat', 'size', 'name', 'label', 'value', 'headline'];

    /**
     * @param  JobReport  $report as it would be worked out today
     * @return array<string, mixed> the report as JSON has it
     */
    public static function shown(Job $job, JobReport $report): array
    {
        /** @var array{stations: list<array{station: string}>} $today */
        $today = Json::of($report);
        $frozen = $job->signOff?->card['report'] ?? null;
        if (! is_array($frozen)) {
            return $today;
        }
        /** @var list<array{station: string}> $stations */
        $stations = $frozen['stations'] ?? [];
        $prove = array_column($today['stations'], null, 'station')['prove'] ?? null;

        // The last station is worked out anew: then it was not signed yet.
        return self::objects(
            self::completed(
                [
                    'stations' => array_map(
                        static fn (array $s): array => $s['station'] === 'prove' && $prove !== null ? $prove : $s,
                        $stations,
                    ),
                ] + $frozen,
                $today,
            ),
        );
    }

    /**
     * What a report has learnt to say since, laid under what was said then; nothing that was said is changed.
     *
     * @param  array<array-key, mixed>  $frozen
     * @param  array<array-key, mixed>  $today
     * @return array<array-key, mixed>
     */
    private static function completed(array $frozen, array $today): array
    {
        if (array_is_list($frozen) && array_is_list($today)) {
            foreach ($frozen as $i => $one) {
                // What is called otherwise today stands in the same place, as long as there are as many.
                $same = is_array($one) ? self::same($one, $today) ?? (count($frozen) === count($today) ? $today[$i] : null) : null;
                $frozen[$i] = match (true) {
                    is_array($one) && is_array($same) => self::completed($one, $same),
                    // Nothing of the kind is said any more: what its like has learnt to say is left empty.
                    is_array($one) && ! array_is_list($one) && is_array($today[0] ?? null) => self::completed(
                        $one,
                        array_map(self::blank(...), $today[0]),
                    ),
                    default => $one,
                };
            }

            return $frozen;
        }
        foreach ($today as $name => $value) {
            $frozen[$name] = match (true) {
                ! array_key_exists($name, $frozen) => $value,
                is_array($frozen[$name]) && is_array($value) => self::completed($frozen[$name], $value),
                default => $frozen[$name],
            };
        }

        return $frozen;
    }

    /** Nothing, of the kind that a value is; of a list, one nothing of the kind that it lists. */
    private static function blank(mixed $value): mixed
    {
        return match (true) {
            is_array($value) && array_is_list($value) => array_map(self::blank(...), array_slice($value, 0, 1)),
            is_array($value) => array_map(self::blank(...), $value),
            is_string($value) => '',
            is_bool($value) => false,
            default => null,
        };
    }

    /**
     * The one of a list that is of the same thing; null when there is none any more.
     *
     * @param  array<array-key, mixed>  $one
     * @param  list<mixed>  $today
     * @return ?array<array-key, mixed>
     */
    private static function same(array $one, array $today): ?array
    {
        foreach (self::NAMES as $name) {
            foreach (isset($one[$name]) ? $today : [] as $other) {
                if (is_array($other) && ($other[$name] ?? null) === $one[$name]) {
                    return $other;
                }
            }
        }

        return null;
    }

    /**
     * The values of a message are an object, also where there are none: an array that was read from JSON does not know.
     *
     * @param  array<array-key, mixed>  $json
     * @return array<array-key, mixed>
     */
    private static function objects(array $json): array
    {
        foreach ($json as $name => $value) {
            $inner = is_array($value) ? self::objects($value) : $value;
            $json[$name] = $name === 'values' ? (object) $inner : $inner;
        }

        return $json;
    }
}
