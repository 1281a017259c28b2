<?php

declare(strict_types=1);

namespace CleanRace\Core\Verdict;

use CleanRace\Core\Measure\Quantity;
use CleanRace\Core\Measure\QuantityText;

/**
 * Words for a person: a key for translators, an English default with {places}, and the values for the places.
 * Quantities stay quantities, so that whoever shows the words can show mm or inches.
 */
final readonly class Message
{
    /** @param  array<string, Quantity|string|int>  $values */
    private function __construct(public string $key, public string $text, public array $values)
    {
    }

    /** @param  array<string, Quantity|string|int>  $values */
    public static function of(string $key, string $text, array $values = []): self
    {
        return new self($key, $text, $values);
    }

    /** Decimals that a quantity in a message is shown with. */
    public static function digitsOf(Quantity $quantity): int
    {
        return $quantity instanceof Shown ? $quantity->digits : QuantityText::digits($quantity->unit());
    }

    /** The words in English with metric values. */
    public function inEnglish(): string
    {
        $filled = [];
        foreach ($this->values as $name => $value) {
            $filled['{'.$name.'}'] = $value instanceof Quantity ? self::shown($value) : (string) $value;
        }

        return strtr($this->text, $filled);
    }

    /** A quantity as text in its own unit. */
    public static function shown(Quantity $value, ?int $digits = null): string
    {
        return (new QuantityText)->of($value, $digits ?? self::digitsOf($value));
    }
}
