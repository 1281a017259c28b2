<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue\Number;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Tables\Table;

/**
 * What somebody typed off a ring, cleaned: capitals, plain signs, and beside it the same without separators, with the
 * place where each of its characters ends. The stroke of /22, /28 and /32 is part of the number and stays.
 */
final readonly class TypedNumber
{
    private const LONGEST = 40;

    private const SPELLINGS = [
        '–' => '-',
        '—' => '-',
        '−' => '-',
        '‑' => '-',
        '×' => 'X',
        "\u{00A0}" => ' ',
        '·' => '.',
        '⁄' => '/',
    ];

    /** @param  list<int>  $ends where each character of the compact text ends in the text */
    private function __construct(public string $text, public string $compact, private array $ends)
    {
    }

    /** @throws InvalidInput when nothing is typed, or more than any ring carries */
    public static function of(string $typed): self
    {
        $text = strtr(trim($typed), self::SPELLINGS);
        if ($text === '' || ! mb_check_encoding($text, 'UTF-8')) {
            throw new InvalidInput('Nothing is typed here. Type what is stamped on the ring, such as 6204 2RS.');
        }
        if (mb_strlen($text) > self::LONGEST) {
            throw new InvalidInput('That is longer than anything stamped on a bearing. Type only the number and the letters behind it.');
        }
        $text = self::pairSpelledOut(self::sixteenths(strtoupper($text)));
        $compact = '';
        $ends = [];
        for ($i = 0, $length = strlen($text); $i < $length; $i++) {
            if (! str_contains(" \t\n\r-.,/_()", $text[$i]) || self::isLiteral($text, $i)) {
                $compact .= $text[$i];
                $ends[] = $i + 1;
            }
        }

        return new self($text, $compact, $ends);
    }

    /** What stands behind the first so many characters, separators and all. */
    public function behind(int $count): string
    {
        return $count === 0 ? $this->text : substr($this->text, $this->ends[$count - 1] ?? 0);
    }

    /** Whether something stands between two of these characters. */
    public function isParted(int $from, int $to): bool
    {
        return $to > $from && $to - 1 - $from !== ($this->ends[$to - 1] ?? 0) - ($this->ends[$from] ?? 0);
    }

    /** How many letters stand before the first digit. */
    public function leadingLetters(): int
    {
        return strspn($this->compact, 'ABCDEFGHIJKLMNOPQRSTUVWXYZ');
    }

    /** 6203-5/8 is written 6203-10: the bore in sixteenths. */
    private static function sixteenths(string $text): string
    {
        return preg_replace_callback(
            '~^(\d{3,4})[\s\-]+(\d{1,2})/(2|4|8|16)(?![\dA-Z])~',
            static fn (array $m): string => (int) $m[2] < 2 * (int) $m[3] ? $m[1].'-'.((int) $m[2] * 16) / (int) $m[3] : $m[0],
            $text,
        ) ?? $text;
    }

    /** LM11949/10 is written LM11949/LM11910: the cup is told by its last digits. */
    private static function pairSpelledOut(string $text): string
    {
        return preg_replace_callback(
            '~^([A-Z]{0,3}\d{3,6}?)(\d{2,3})\s*/\s*([A-Z]?)(\d{2,3})(?![\d])~',
            static function (array $m): string {
                $cone = $m[1].$m[2];
                $cup = substr($cone, 0, -strlen($m[4])).$m[4];

                return isset(Table::index('numbers', NumberIndex::make(...))[$cone.$cup]) ? "$cone/$cup" : $m[0];
            },
            $text,
        ) ?? $text;
    }

    /** The stroke before 22, 28 and 32, or before the one digit of a small thin bearing such as 618/8. */
    private static function isLiteral(string $text, int $at): bool
    {
        return $text[$at] === '/' &&
            preg_match('~(?<![\dA-Z])(?:SS|W|F)?(\d{2,3}|[\dOISBGZQ?]{2})$~', substr($text, 0, $at), $series) === 1 &&
            preg_match(str_starts_with($series[1], '61') ? '~^/\d(?!\d)~' : '~^/(2[28BZ?]|32)(?!\d)~', substr($text, $at)) === 1;
    }
}
