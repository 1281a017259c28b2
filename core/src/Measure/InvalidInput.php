<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

use DomainException;

/**
 * Something that cannot be a measurement. The message is for the person who typed it: it says what is wrong and
 * what would be right.
 */
final class InvalidInput extends DomainException
{
    /** The input it belongs to, by its name in the trade's words, when one can be named. */
    public ?string $field = null;

    /** Says the sentence about one input, named as callers name it (`bore_mm`). */
    public static function about(string $field, string $sentence): self
    {
        $fault = new self($sentence);
        $fault->field = $field;

        return $fault;
    }

    /** What was entered, in words short enough to be said again; null when nothing was. */
    public ?string $value = null;

    /**
     * Says the sentence about what was entered at a place.
     *
     * @param  ?array<string, mixed>  $entry as it came
     */
    public static function entered(string $field, string $sentence, ?array $entry): self
    {
        $fault = self::about($field, $sentence);
        $said = $entry['typed'] ?? ($entry['text'] ?? ($entry['choice'] ?? ($entry['state'] ?? ($entry['mark'] ?? $entry))));
        $fault->value =
            $said === null
                ? null
                : mb_substr(is_scalar($said) ? (string) $said : (string) json_encode($said, JSON_PARTIAL_OUTPUT_ON_ERROR), 0, 120);

        return $fault;
    }

    /** @throws self */
    public static function unlessFinite(float $number): float
    {
        return is_finite($number) ? $number : throw new self('That is not a number that can be measured.');
    }

    /** Longer than two metres, in mm: most likely a slip of the decimal point. */
    public static function tooLong(float $mm): self
    {
        return new self(sprintf('%s mm is more than 2 metres, longer than anything on a wheel. Check the unit.', round($mm, 2)));
    }

    /** Larger or smaller than such a thing can be. */
    public static function outside(float $amount, ?float $least, ?float $most, string $symbol): self
    {
        $say = static fn (float $x): string => trim(rtrim(rtrim(number_format($x, 3, '.', ''), '0'), '.').' '.$symbol);

        return new self(
            sprintf(
                '%s cannot be right here: %s. Look at the unit and the decimal point.',
                $say($amount),
                match (true) {
                    $least !== null && $most !== null => 'it lies between '.$say($least).' and '.$say($most),
                    $least !== null => 'it is '.$say($least).' or more',
                    default => 'it is at most '.$say($most ?? 0.0),
                },
            ),
        );
    }

    /** Text in which no length can be found. */
    public static function notALength(string $text): self
    {
        return new self(sprintf('"%s" is not a length. Type a number, such as 25.4 or 1 1/16 in.', self::shortened($text)));
    }

    /** Nothing was typed. */
    public static function empty(): self
    {
        return new self('Nothing is typed here. Type a number, such as 25.4 or 1 1/16 in.');
    }

    /** Two numbers where one length is asked for. */
    public static function twoNumbers(string $text): self
    {
        return new self(sprintf('"%s" holds more than one number. Type one reading.', self::shortened($text)));
    }

    /** A unit that is none of length. */
    public static function wrongUnit(string $unit): self
    {
        return new self(sprintf('"%s" is not a unit of length here. Use mm, cm, m, in or thou.', self::shortened($unit)));
    }

    /** `mil`, which is a thousandth of an inch to some and a millimetre to others. */
    public static function mil(): self
    {
        return new self('"mil" means a thousandth of an inch to some and a millimetre to others. Write thou or mm.');
    }

    /** A comma or point that may part thousands or decimals. */
    public static function thousandsOrDecimals(string $text): self
    {
        return new self(
            sprintf('"%s" can be read two ways. Write %s or %s.', $text, str_replace(',', '.', $text), str_replace(',', '', $text)),
        );
    }

    /** A fraction that no rule shows. */
    public static function badFraction(string $text): self
    {
        return new self(sprintf('"%s" is not a fraction that a rule shows. Write it like 27/64 or 1 1/16 in.', self::shortened($text)));
    }

    /** A size that is nothing or less. */
    public static function notPositive(): self
    {
        return new self('A size must be more than zero.');
    }

    /** A bore that is not smaller than the outside diameter. */
    public static function boreNotSmaller(string $field = 'bore_mm'): self
    {
        return self::about($field, 'The bore is not smaller than the outside diameter. One of them is in the wrong field.');
    }

    private static function shortened(string $text): string
    {
        return mb_strlen($text) > 40 ? mb_substr($text, 0, 40).'…' : $text;
    }
}
