<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue\Number;

use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Message;

/** Numbers of the table that a dirty, worn or half-read stamping looks like. A question mark stands for one sign nobody could read. */
final readonly class LookAlikes
{
    /** What a letter may be when it is a digit badly struck. */
    private const DIGITS = [
        'O' => '0',
        'Q' => '0',
        'D' => '0',
        'U' => '0',
        'I' => '1',
        'L' => '1',
        '|' => '1',
        '!' => '1',
        'Z' => '2',
        'E' => '3',
        'A' => '4',
        'S' => '5',
        'G' => '6',
        'T' => '7',
        'B' => '68',
        'P' => '9',
    ];

    private const UNREADABLE = '?*#';

    /** More than this many and the text says too little. */
    private const MOST = 2;

    /** @return list<array{string, int, Message}> key of the index, how many signs were taken for another, and which */
    public function of(string $compact): array
    {
        if ($compact === '') {
            return [];
        }
        $found = [];
        foreach (Table::index('numbers', NumberIndex::make(...)) as $key => $listed) {
            $guess = $this->compare((string) $key, $compact);
            if ($guess !== null) {
                $found[] = [(string) $key, count($guess), Message::listed(array_unique($guess, SORT_REGULAR))];
            }
        }

        return $found;
    }

    /** @return ?list<Message> what was taken for what; null when the text cannot be that number, or is it as it stands */
    private function compare(string $key, string $compact): ?array
    {
        $length = strlen($key);
        if ($length > strlen($compact) || $length < 3) {
            return null;
        }
        $guess = [];
        for ($i = 0; $i < $length; $i++) {
            if ($key[$i] === $compact[$i]) {
                continue;
            }
            $isDigit = ctype_digit($key[$i]);
            $seen = $compact[$i];
            if (! $isDigit || count($guess) === self::MOST) {
                return null;
            }
            if (! str_contains(self::UNREADABLE, $seen) && ! str_contains(self::DIGITS[$seen] ?? '', $key[$i])) {
                return null;
            }
            $guess[] = Sign::taken($seen, $key[$i]);
        }

        return $guess === [] ? null : $guess;
    }
}
