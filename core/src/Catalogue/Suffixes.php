<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue;

/** The signs behind a bearing number. Makers spell the same thing in many ways. */
final class Suffixes
{
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
                $sign = $this->leading($word) ?? new Sign($word, 'unknown', null, 'not a sign this table knows');
                $signs[] = $sign;
                $word = substr($word, strlen($sign->sign));
            }
        }

        return $signs;
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
            if (str_starts_with($word, (string) $spelling)) {
                return new Sign((string) $spelling, $row['family'], $row['seals'] === '' ? null : (int) $row['seals'], $row['meaning']);
            }
        }

        return null;
    }
}
