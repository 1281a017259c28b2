<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue\Number;

use CleanRace\Core\Tables\Table;

/** All numbers of the table without their separators, and the other ways in which makers write them. */
final class NumberIndex
{
    /** How a two-digit thin series is written with three digits, and the other way round. */
    private const OTHER_SERIES = ['67' => '617', '68' => '618', '69' => '619', '719' => '79'];

    /** Shorter than this nothing is a bearing number. */
    public const SHORTEST = 2;

    /** @return array<int|string, array{string, ?string}> number of the table, and cone or cup when it is one half of a taper */
    public static function make(): array
    {
        $index = [];
        foreach (Table::rows('bearings') as $row) {
            $index[self::compact($row['number'])] = [$row['number'], null];
        }
        foreach (Table::rows('bearings') as $row) {
            foreach (self::otherSpellings($row) as $spelling) {
                $index[$spelling] ??= [$row['number'], null];
            }
        }
        foreach (Table::rows('taper_sets') as $set) {
            $index[$set['cone']] ??= [$set['number'], 'cone'];
            $index[$set['cup']] ??= [$set['number'], 'cup'];
        }

        return $index;
    }

    /** A number in capitals without what parts its pieces: `6204-2RS` as `62042RS`. */
    public static function compact(string $number): string
    {
        return preg_match('~^\d{2,3}/\d{2}$~', $number) === 1 ? $number : str_replace(['-', '/', ' '], '', $number);
    }

    /**
     * @param  array<string, string>  $row
     * @return list<string>
     */
    private static function otherSpellings(array $row): array
    {
        $other = self::OTHER_SERIES[$row['series']] ?? null;
        $compact = self::compact($row['number']);

        return match (true) {
            $row['series'] === 'DAC' => [substr($compact, 3)],
            $other !== null && (float) $row['bore_mm'] < 10 => ["$other/".substr($row['number'], 2)],
            $other !== null => [$other.substr($compact, strlen($row['series']))],
            default => [],
        };
    }
}
