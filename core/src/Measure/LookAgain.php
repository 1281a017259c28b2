<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/**
 * When something is to be looked at again: on a day, after some time, before a season, or at a meter reading. Never more than one of them.
 */
final readonly class LookAgain
{
    private const MONTHS = [
        'jan' => 1,
        'feb' => 2,
        'mar' => 3,
        'apr' => 4,
        'may' => 5,
        'jun' => 6,
        'jul' => 7,
        'aug' => 8,
        'sep' => 9,
        'oct' => 10,
        'nov' => 11,
        'dec' => 12,
    ];

    /** Where a season begins, as the north has it. */
    private const SEASONS = ['spring' => 3, 'summer' => 6, 'autumn' => 9, 'fall' => 9, 'winter' => 12, 'season' => 3];

    private const DAYS = ['day' => 1, 'week' => 7];

    /**
     * @param  ?string  $on a day, as YYYY-MM-DD
     * @param  int  $days from the day of signing
     * @param  int  $months from the day of signing
     * @param  ?int  $before the month in which the season begins
     */
    private function __construct(
        public ?string $on = null,
        public int $days = 0,
        public int $months = 0,
        public ?int $before = null,
        public ?Meter $at = null,
        public ?Meter $after = null,
    ) {
    }

    /** After so many days. */
    public static function inDays(int $days): self
    {
        return new self(days: $days);
    }

    /** @throws InvalidInput when it says neither a day, nor a time, nor a season, nor a meter reading */
    public static function read(string $typed): self
    {
        $text = trim(mb_strtolower($typed));

        return self::asDay($text) ??
            (self::asTime($text) ??
                (self::asSeason($text) ??
                    (self::asMeter($text) ??
                        throw new InvalidInput(
                            sprintf(
                                '"%s" is no time to look again. Write a day (2027-03-01, 1 March 2027), 6 months, spring, 12 000 km, '
                                    .'or +500 km.',
                                mb_substr($typed, 0, 40),
                            ),
                        ))));
    }

    private static function asDay(string $text): ?self
    {
        [$year, $month, $day] = match (true) {
            preg_match('/^(\d{4})-(\d{1,2})-(\d{1,2})$/', $text, $f) === 1 => [(int) $f[1], (int) $f[2], (int) $f[3]],
            preg_match('/^(\d{1,2})\.(\d{1,2})\.(\d{4})$/', $text, $f) === 1 => [(int) $f[3], (int) $f[2], (int) $f[1]],
            preg_match('/^(?:(\d{1,2})\.? )?([a-z]{3})[a-z]*\.?,? (\d{4})$/', $text, $f) === 1 => [
                (int) $f[3],
                self::MONTHS[$f[2]] ?? 0,
                (int) ($f[1] === '' ? '1' : $f[1]),
            ],
            default => [0, 0, 0],
        };

        return checkdate($month, $day, $year) && $year >= 2000 ? new self(on: sprintf('%04d-%02d-%02d', $year, $month, $day)) : null;
    }

    private static function asTime(string $text): ?self
    {
        if (preg_match('/^(?:in |after )?(\d{1,3}|a|one|half a) (day|week|month|year)s?$/', $text, $found) !== 1) {
            return null;
        }
        $count = ctype_digit($found[1]) ? (int) $found[1] : 1;

        return match (true) {
            $found[1] === 'half a' => $found[2] === 'year' ? new self(months: 6) : null,
            $found[2] === 'month' => new self(months: $count),
            $found[2] === 'year' => new self(months: 12 * $count),
            default => new self(days: $count * self::DAYS[$found[2]]),
        };
    }

    private static function asSeason(string $text): ?self
    {
        return preg_match('/^(?:before )?(?:the )?(?:next )?(spring|summer|autumn|fall|winter|season)$/', $text, $found) === 1
            ? new self(before: self::SEASONS[$found[1]])
            : null;
    }

    private static function asMeter(string $text): ?self
    {
        $more = preg_match('/^(?:\+|in |after )/', $text) === 1;
        try {
            $meter = Meter::read((string) preg_replace('/^(?:\+|in |after |at )\s*/', '', $text));
        } catch (InvalidInput) {
            return null;
        }

        return $more ? new self(after: $meter) : new self(at: $meter);
    }
}
