<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\SpinDown;

use CleanRace\Core\Measure\InvalidInput;

/** When a mark on a wheel that runs out passed, turn after turn, in seconds. */
final readonly class Passes
{
    private const FEWEST = 4;

    private const MOST = 500;

    private const LONGEST_S = 600.0;

    /** @param  non-empty-list<float>  $seconds rising */
    private function __construct(public array $seconds)
    {
    }

    /** @throws InvalidInput in one sentence, about the field */
    public static function read(string $typed, string $field): self
    {
        $seconds = self::times($typed, $field);
        if (count($seconds) < self::FEWEST) {
            throw InvalidInput::about($field, 'It takes four passes at least: five or more tell better.');
        }
        if (count($seconds) > self::MOST || end($seconds) > self::LONGEST_S) {
            throw InvalidInput::about($field, sprintf('That is more than %d passes, or longer than ten minutes.', self::MOST));
        }
        for ($i = 1; $i < count($seconds); $i++) {
            if ($seconds[$i] <= $seconds[$i - 1]) {
                throw InvalidInput::about($field, sprintf('Pass %d comes no later than the one before it.', $i + 1));
            }
        }

        return new self($seconds);
    }

    /**
     * Times as people type them, apart by spaces, semicolons or new lines; a comma between digits alone is a decimal one.
     *
     * @return list<float>
     *
     * @throws InvalidInput in one sentence, about the field
     */
    public static function times(string $typed, string $field): array
    {
        $typed = trim($typed);
        // 0.41, 0.92: the comma parts. 0,41 0,92: it is the decimal sign.
        $parts = preg_split(str_contains($typed, '.') ? '/[\s;,]+/' : '/[\s;]+|,\s+/', $typed, flags: PREG_SPLIT_NO_EMPTY) ?: [];
        $seconds = [];
        foreach ($parts as $part) {
            $plain = str_replace(',', '.', $part);
            if (preg_match('/^\d+(\.\d+)?$/', $plain) !== 1) {
                $odd = mb_substr($part, 0, 20);
                throw InvalidInput::about($field, sprintf('"%s" is no time. Write seconds, such as 0.41 0.92 1.45.', $odd));
            }
            $seconds[] = (float) $plain;
        }

        return $seconds;
    }
}
