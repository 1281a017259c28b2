<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue\Number;

use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Message;

/**
 * Reads what is stamped on a ring: [prefix] number signs. Separators and case are free. What can be read several ways
 * comes back ranked, the likeliest first; a dirty or half-read number is matched with what it looks like, and says so.
 */
final readonly class DesignationReader
{
    private const MOST_READINGS = 10;

    private const MOST_LETTERS_BEFORE = 5;

    private const MENDED = 1.0;

    private const UNLISTED = 3.0;

    private const LOOKS_LIKE = 4.0;

    /** A reading this clean needs no other. */
    private const CLEAN = 1.2;

    private ReadingWeights $weights;

    public function __construct(
        private BearingTable $table = new BearingTable(),
        private Suffixes $suffixes = new Suffixes(),
        private LookAlikes $lookAlikes = new LookAlikes(),
    ) {
        $this->weights = new ReadingWeights($table);
    }

    /** @throws InvalidInput when no size number can be found in it, or the series has no such bore */
    public function read(string $typed): Designation
    {
        return $this->readings($typed)[0];
    }

    /**
     * @return non-empty-list<Designation> the likeliest first
     *
     * @throws InvalidInput when no size number can be found in it, or the series has no such bore
     */
    public function readings(string $typed): array
    {
        $number = TypedNumber::of($typed);
        $readings = $this->listed($number);
        if ($readings === [] || min(array_column($readings, 0)) >= self::CLEAN) {
            $readings = [...$readings, ...$this->byRule($number)];
        }
        if ($readings === [] || min(array_column($readings, 0)) >= self::CLEAN) {
            $readings = [...$readings, ...$this->looking($number)];
        }
        usort($readings, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $kept = [];
        foreach ($readings as [, $read]) {
            $read = SignsInPlace::of($read);
            $kept[$read->number.'|'.$read->piece.'|'.implode('|', array_column($read->signs, 'sign'))] ??= $read;
        }

        return array_slice(array_values($kept), 0, self::MOST_READINGS) ?: throw $this->unreadable($typed, $number);
    }

    /** @return list<array{float, Designation}> numbers of the table that stand in the text as they are */
    private function listed(TypedNumber $number): array
    {
        $index = Table::index('numbers', NumberIndex::make(...));
        $readings = [];
        for ($from = 0, $last = min($number->leadingLetters(), self::MOST_LETTERS_BEFORE); $from <= $last; $from++) {
            for ($to = strlen($number->compact); $to - $from >= NumberIndex::SHORTEST; $to--) {
                $key = substr($number->compact, $from, $to - $from);
                if (isset($index[$key]) && ($signs = $this->signs($number, $from, $to)) !== null) {
                    [$found, $piece] = $index[$key];
                    $size = $this->weights->withSigns($this->table->find($found), $signs);
                    if ($size !== null) {
                        $readings[] = $this->weights->weighed(
                            $number,
                            $from,
                            $to,
                            $signs,
                            new Designation(
                                $size->number,
                                $size,
                                $size->bore->mm,
                                $size->kind,
                                ReadingWeights::told($size, $signs),
                                null,
                                NumberRules::reading($size),
                                $piece,
                            ),
                        );
                    }
                }
            }
        }

        return [...$readings, ...$this->mended($readings)];
    }

    /** @return list<array{float, Designation}> numbers that the table does not hold, by the rules they are made by */
    private function byRule(TypedNumber $number): array
    {
        $readings = [];
        for ($from = 0, $last = min($number->leadingLetters(), self::MOST_LETTERS_BEFORE); $from <= $last; $from++) {
            for ($to = min(strlen($number->compact), $from + 11); $to - $from > NumberIndex::SHORTEST; $to--) {
                $key = substr($number->compact, $from, $to - $from);
                foreach ([NumberRules::coded($key), NumberRules::spelledOut($key)] as $read) {
                    $known = $read === null || isset(Table::index('numbers', NumberIndex::make(...))[$key]);
                    if (! $known && ($signs = $this->signs($number, $from, $to)) !== null) {
                        [$weight, $read] = $this->weights->weighed(
                            $number,
                            $from,
                            $to,
                            $signs,
                            new Designation($read->number, $read->size, $read->boreMm, $read->kind, $signs, null, $read->reading),
                        );
                        $readings[] = [$weight + self::UNLISTED, $read];
                    }
                }
            }
        }

        return $readings;
    }

    /** @return list<array{float, Designation}> numbers of the table that the text looks like */
    private function looking(TypedNumber $number): array
    {
        $readings = [];
        foreach ($this->lookAlikes->of($number->compact) as [$key, $cost, $guess]) {
            [$found, $piece] = Table::index('numbers', NumberIndex::make(...))[$key];
            $signs = $this->signs($number, 0, strlen($key));
            $size = $signs === null ? null : $this->weights->withSigns($this->table->find($found), $signs);
            if ($signs !== null && $size !== null) {
                [$weight, $read] = $this->weights->weighed(
                    $number,
                    0,
                    strlen($key),
                    $signs,
                    new Designation(
                        $size->number,
                        $size,
                        $size->bore->mm,
                        $size->kind,
                        ReadingWeights::told($size, $signs),
                        $guess,
                        NumberRules::reading($size),
                        $piece,
                    ),
                );
                $readings[] = [$weight + self::LOOKS_LIKE + $cost - ReadingWeights::COMMON * 2 * $size->commonness, $read];
            }
        }

        return [...$readings, ...$this->mended($readings)];
    }

    /**
     * What stands before and behind the number, as signs; null when more digits follow, so that the number goes on.
     *
     * @return ?list<Sign>
     */
    private function signs(TypedNumber $number, int $from, int $to): ?array
    {
        $tail = $number->behind($to);
        if ($tail !== '' && ctype_digit($tail[0]) && ! $this->suffixes->begins($tail)) {
            return null;
        }

        return [...$this->suffixes->before(substr($number->compact, 0, $from)), ...$this->suffixes->read($tail)];
    }

    /**
     * Signs that are unknown as they stand, but known when a digit in them is the letter it looks like.
     *
     * @param  list<array{float, Designation}>  $readings
     * @return list<array{float, Designation}>
     */
    private function mended(array $readings): array
    {
        $out = [];
        foreach ($readings as [$weight, $read]) {
            $unknown = $read->unknown();
            $signs = [];
            $guesses = $read->guessed === null ? [] : [$read->guessed];
            foreach ($read->signs as $sign) {
                [$mended, $guess] = $sign->family === 'unknown' ? $this->suffixes->mended($sign->sign) : [[$sign], null];
                $signs = [...$signs, ...$mended];
                $guesses = $guess === null ? $guesses : [...$guesses, $guess];
            }
            $better = new Designation(
                $read->number,
                $read->size,
                $read->boreMm,
                $read->kind,
                $signs,
                $guesses === [] ? null : Message::listed($guesses),
                $read->reading,
                $read->piece,
            );
            if ($unknown !== [] && count($better->unknown()) < count($unknown)) {
                $out[] = [$weight - ReadingWeights::UNKNOWN * (count($unknown) - count($better->unknown())) + self::MENDED, $better];
            }
        }

        return $out;
    }

    private function unreadable(string $typed, TypedNumber $number): InvalidInput
    {
        if (preg_match('/^(60|62|63|64|67|68|69)(\d{2})/', $number->compact, $known) === 1) {
            return new InvalidInput(
                sprintf(
                    'Series %s has no bore code %s. Look at the ring again: 00 to 03 are 10, 12, 15 and 17 mm, 04 and up are five '
                        .'times the code.',
                    $known[1],
                    $known[2],
                ),
            );
        }

        return new InvalidInput(
            sprintf(
                '"%s" holds no bearing number that is known here. Type what is stamped, such as 6204 2RS, or measure it with the caliper.',
                mb_substr($typed, 0, 40),
            ),
        );
    }
}
