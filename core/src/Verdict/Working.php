<?php

declare(strict_types=1);

namespace CleanRace\Core\Verdict;

use CleanRace\Core\Measure\Quantity;

/** How a number was reached, line by line: the formula, the same with the numbers in it, and what came out. */
final readonly class Working
{
    /** @param  list<array{what: Message|string, formula: Message|string, numbers: Message|string, result: Message|string}>  $lines */
    public function __construct(public array $lines)
    {
    }

    /** No line yet. */
    public static function start(): self
    {
        return new self([]);
    }

    /** @param  Quantity|Message|string  $result what came out, a quantity or words */
    public function line(
        Message|string $what,
        Message|string $formula,
        Message|string $numbers,
        Quantity|Message|string $result,
        ?int $digits = null,
    ): self {
        $shown = $result instanceof Quantity ? Message::shown($result, $digits) : $result;

        return new self([...$this->lines, ['what' => $what, 'formula' => $formula, 'numbers' => $numbers, 'result' => $shown]]);
    }

    /** The same in the words of that hub. */
    public function inWordsOf(HubWords $hub): self
    {
        $said = static fn (Message|string $words): Message|string => Message::ofHub($words, $hub);

        return new self(array_map(static fn (array $line): array => array_map($said, $line), $this->lines));
    }

    /** The same with the lines of another behind it. */
    public function then(self $more): self
    {
        return new self([...$this->lines, ...$more->lines]);
    }
}
