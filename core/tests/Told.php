<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests;

use BackedEnum;
use CleanRace\Core\Measure\Quantity;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use ReflectionObject;
use ReflectionProperty;

/** What a result tells, as one line: its judgements to be read, and a digest of all that it holds. */
final class Told
{
    /** To so many figures a number is the same. */
    private const FIGURES = 9;

    public static function line(object $result): string
    {
        $verdicts = array_map(self::verdict(...), self::verdicts($result));

        return implode('; ', $verdicts).' #'.substr(sha1(self::all($result)), 0, 10);
    }

    private static function verdict(Verdict $verdict): string
    {
        $figures = array_map(
            static fn (Figure $f): string => $f->name.' '.self::number($f->value->amount(), 5),
            array_slice($verdict->figures, 0, 3),
        );

        return trim($verdict->level->value.' '.$verdict->headline->key.' '.implode(' ', $figures));
    }

    /** @return list<Verdict> */
    public static function verdicts(mixed $of): array
    {
        if ($of instanceof Verdict) {
            return [$of];
        }
        $found = [];
        foreach (is_object($of) ? self::properties($of) : (is_array($of) ? $of : []) as $one) {
            array_push($found, ...self::verdicts($one));
        }

        return $found;
    }

    /** @return array<string, mixed> */
    private static function properties(object $of): array
    {
        $values = [];
        foreach ((new ReflectionObject($of))->getProperties(ReflectionProperty::IS_PUBLIC) as $property) {
            $values[$property->getName()] = $property->isInitialized($of) ? $property->getValue($of) : null;
        }

        return $values;
    }

    private static function all(mixed $of): string
    {
        return match (true) {
            $of === null => '-',
            is_bool($of) => $of ? 'yes' : 'no',
            is_int($of), is_float($of) => self::number((float) $of, self::FIGURES),
            is_string($of) => $of,
            $of instanceof BackedEnum => (string) $of->value,
            $of instanceof Quantity => self::number($of->amount(), self::FIGURES),
            // Which words, not how they are put: those are tested where they are made.
            $of instanceof Message => $of->key.'('.self::all($of->values).')',
            is_array($of) => '['.
                implode(',', array_map(static fn (int|string $key): string => "$key:".self::all($of[$key]), array_keys($of))).
                ']',
            is_object($of) => '{'.self::all(self::properties($of)).'}',
            default => get_debug_type($of),
        };
    }

    private static function number(float $number, int $figures): string
    {
        if (is_nan($number) || is_infinite($number)) {
            return (string) $number;
        }
        $shown = sprintf('%.'.$figures.'g', abs($number) < 1e-12 ? 0.0 : $number);

        return $shown === '-0' ? '0' : $shown;
    }
}
