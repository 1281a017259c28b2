<?php

declare(strict_types=1);

namespace CleanRace\Core\Notebook;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Tables\Table;

/** Reads an address by places.csv: which kind of answer stands there, and what it is about. */
final class PlaceTable
{
    private const VARIABLE = '[a-z0-9_]+';

    /** The rest of an address, dots and all. */
    private const REST = '[a-z0-9_.]+';

    /** Parts of an address that say what part, seat or fastener it is about. */
    private const ABOUT = ['part', 'seat', 'fastener'];

    /** @var array<string, ?Place> by address */
    private static array $known = [];

    /** Null when there is no such place in any job. */
    public static function find(string $address): ?Place
    {
        if (! array_key_exists($address, self::$known)) {
            self::$known[$address] = self::read($address);
        }

        return self::$known[$address];
    }

    /** Which row of the table an address is by; null when by none. */
    public static function row(string $address): ?int
    {
        return self::match($address)[0] ?? null;
    }

    /** @return ?array{int, array<string, string>} the row, and what the address is about by the names of its variables */
    private static function match(string $address): ?array
    {
        $room = strstr($address, '.', true);
        $pattern = $room === false ? null : self::patterns()[$room] ?? null;
        if ($pattern === null || preg_match($pattern['regex'], $address, $found) !== 1) {
            return null;
        }
        $variables = $pattern['variables'][$found['MARK']];

        return [(int) $found['MARK'], array_combine($variables, array_slice($found, 1, count($variables)))];
    }

    private static function read(string $address): ?Place
    {
        $match = self::match($address);
        if ($match === null) {
            return null;
        }
        [$row, $about] = [Table::rows('places')[$match[0]], $match[1]];

        return new Place(
            $address,
            AskKind::from($row['kind']),
            $row['role'],
            $about['part'] ?? null,
            $about['seat'] ?? null,
            $about['fastener'] ?? null,
            $row['options'] === '' ? [] : explode('|', $row['options']),
            $row['least'] === '' ? null : (float) $row['least'],
            $row['most'] === '' ? null : (float) $row['most'],
            Instrument::tryFrom($row['instrument']),
            $row['needs'],
            $row['skippable'] === '1',
        );
    }

    /**
     * Places whose answer is true of the hub and not of the day, so that another job may start from it: as a POSIX
     * expression, which a store can search by.
     *
     * @param  bool  $thisWheel those that are true of one wheel only, not of the other wheels of its machine
     */
    public static function lending(bool $thisWheel): string
    {
        $lending = array_filter(
            Table::rows('places'),
            static fn (array $row): bool => $row['lends'] === ($thisWheel ? 'wheel' : 'machine'),
        );

        return '^('.
            implode(
                '|',
                array_map(
                    static fn (array $row): string => strtr(
                        (string) preg_replace('/\{[a-z]+\}/', self::VARIABLE, $row['address']),
                        ['.' => '\\.', '{' => '(', '}' => ')'],
                    ),
                    $lending,
                ),
            ).
            ')$';
    }

    /**
     * One expression for each room: the first row that fits is marked by its number.
     *
     * @return array<string, array{regex: string, variables: array<int|string, list<string>>}> by the first word of the address
     */
    private static function patterns(): array
    {
        /** @var array<string, array{regex: string, variables: array<int|string, list<string>>}> */
        return Table::index('places', self::index(...));
    }

    /** @return array<string, array{regex: string, variables: array<int|string, list<string>>}> by the first word of the address */
    public static function index(): array
    {
        $rooms = [];
        foreach (Table::rows('places') as $i => $row) {
            [$one, $variables] = self::expression($row['address'], $row['needs'] === 'pair');
            $room = (string) strstr($row['address'], '.', true);
            $rooms[$room]['ones'][] = "$one(*MARK:$i)";
            $rooms[$room]['variables'][$i] = $variables;
        }

        return array_map(
            static fn (array $room): array => [
                'regex' => '~^(?|'.implode('|', $room['ones']).')$~',
                'variables' => $room['variables'],
            ],
            $rooms,
        );
    }

    /**
     * `seat.{seat}.{start|home}.eye` as a regular expression, and the variables whose value it captures.
     *
     * @param  bool  $ofPair whether left and right in it are the seats of a pair
     * @return array{string, list<string>}
     */
    private static function expression(string $address, bool $ofPair): array
    {
        $variables = [];
        $regex = '';
        foreach (preg_split('/(\{[^}]+\})/', $address, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [] as $piece) {
            $name = trim($piece, '{}');
            $isSeat = $ofPair && $name === 'left|right';
            $regex .= match (true) {
                $piece === $name => preg_quote($piece, '~'),
                str_contains($name, '|') => ($isSeat ? '(' : '(?:').
                    implode('|', array_map(static fn (string $one): string => preg_quote($one, '~'), explode('|', $name))).
                    ')',
                in_array($name, self::ABOUT, true) => '('.self::VARIABLE.')',
                str_ends_with($name, '...') => self::REST,
                default => self::VARIABLE,
            };
            if ($isSeat || in_array($name, self::ABOUT, true)) {
                $variables[] = $isSeat ? 'seat' : $name;
            }
        }

        return [$regex, $variables];
    }
}
