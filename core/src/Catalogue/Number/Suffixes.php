<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue\Number;

use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Message;

/** The signs behind a bearing number. Makers spell the same thing in many ways. */
final class Suffixes
{
    private const UNKNOWN = 'not a sign this table knows';

    /** What a digit may be when it is a letter badly struck. */
    private const LETTERS = [5 => 'S', 2 => 'Z', 0 => 'D', 1 => 'L', 8 => 'B', 4 => 'A'];

    /** @var ?array<int|string, array<string, string>> rows by spelling, longest first; the same in the whole process */
    private static ?array $rows = null;

    public function __construct()
    {
        self::$rows ??= self::longestFirst(array_column(Table::rows('suffixes'), null, 'spelling'));
    }

    /**
     * Takes a tail such as "2RSC3" apart, longest known sign first. What is not known is kept as it stands.
     *
     * @return list<Sign>
     */
    public function read(string $tail): array
    {
        $signs = [];
        foreach (preg_split('~[\s\-./,]+~', $tail, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            while ($word !== '') {
                $sign = $this->leading($word) ?? new Sign($word, 'unknown', null, self::UNKNOWN);
                $signs[] = $sign;
                $word = substr($word, strlen($sign->sign));
            }
        }

        return $signs;
    }

    /**
     * What stands before a number: S alone is stainless there.
     *
     * @return list<Sign>
     */
    public function before(string $head): array
    {
        return $head === 'S' ? [new Sign('S', 'stainless', null, 'stainless steel')] : $this->read($head);
    }

    /**
     * An unknown word read with the letters that its digits look like.
     *
     * @return array{list<Sign>, ?Message} the signs, and what was taken for what
     */
    public function mended(string $word): array
    {
        foreach (self::LETTERS as $digit => $letter) {
            // A count stands before the letters: only what follows the first sign can be a letter badly struck.
            $mended = $word[0].strtr(substr($word, 1), [(string) $digit => $letter]);
            $signs = $mended === $word ? [] : $this->read($mended);
            if ($signs !== [] && ! in_array('unknown', array_column($signs, 'family'), true)) {
                return [$signs, Sign::taken((string) $digit, $letter)];
            }
        }

        return [[new Sign($word, 'unknown', null, self::UNKNOWN)], null];
    }

    /** Whether the tail begins with a known sign: tells 6204 2RS from a longer number. */
    public function begins(string $tail): bool
    {
        return $this->leading($tail) !== null;
    }

    /**
     * @param  array<int|string, array<string, string>>  $rows
     * @return array<int|string, array<string, string>>
     */
    private static function longestFirst(array $rows): array
    {
        uksort($rows, static fn (string|int $a, string|int $b): int => strlen((string) $b) <=> strlen((string) $a));

        return $rows;
    }

    private function leading(string $word): ?Sign
    {
        foreach (self::$rows ?? [] as $spelling => $row) {
            $spelling = (string) $spelling;
            // One letter alone says something only when nothing else, or another known sign, follows.
            if (
                str_starts_with($word, $spelling) &&
                (strlen($spelling) > 1 || strlen($word) === 1 || $this->leading(substr($word, 1)) !== null)
            ) {
                return new Sign($spelling, $row['family'], $row['seals'] === '' ? null : (int) $row['seals'], $row['meaning']);
            }
        }

        return null;
    }
}
