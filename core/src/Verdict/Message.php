<?php

declare(strict_types=1);

namespace CleanRace\Core\Verdict;

use CleanRace\Core\Measure\Quantity;
use CleanRace\Core\Measure\QuantityText;

/**
 * Words for a person: a key that says where they belong, whole English with {places}, and the values for the places.
 * Another language is laid over the English text, so no value holds English of its own: what is said in a place is a
 * message again. Quantities stay quantities, so that whoever shows the words can show mm or inches.
 */
final readonly class Message
{
    /** @var array<string, Quantity|self|Written|int> */
    public array $values;

    /** @param  array<string, Quantity|self|Written|int>  $values */
    private function __construct(public string $key, public string $text, array $values)
    {
        foreach (HubWords::USUAL as $place => $word) {
            if (str_contains($text, '{'.$place.'}')) {
                $values += [$place => new self($word, $word, [])];
            }
        }
        $this->values = $values;
    }

    /** @param  array<string, Quantity|self|Written|int>  $values */
    public static function of(string $key, string $text, array $values = []): self
    {
        return new self($key, $text, $values);
    }

    /**
     * Words about several, or about one: both are whole.
     *
     * @param  string  $one said of one
     * @param  string  $many said of any other {count}
     * @param  array<string, Quantity|self|Written|int>  $values
     */
    public static function counted(string $key, int $count, string $one, string $many, array $values = []): self
    {
        return new self($key, $count === 1 ? $one : $many, $values + ['count' => $count]);
    }

    /** Words that need no key beside themselves: a name, a label. */
    public static function plain(self|Written|string $words): self
    {
        return match (true) {
            $words instanceof self => $words,
            $words instanceof Written => new self('written', '{written}', ['written' => $words]),
            default => new self($words, $words, []),
        };
    }

    /** Words with numbers in them that are shown as they were written, by the names of their places. */
    public static function filled(string $text, string ...$written): self
    {
        $values = [];
        foreach ($written as $place => $one) {
            $values[(string) $place] = Written::of($one);
        }

        return new self($text, $text, $values);
    }

    /** A name or a label as it stands inside a sentence: Left bearing, the left bearing; but O-ring stays. */
    public static function within(self|Written|string $words): self
    {
        $words = self::plain($words);
        $first = preg_match('/^\{(\w+)\}/', $words->text, $found) === 1 ? $words->values[$found[1]] ?? null : null;
        if ($first instanceof self) {
            return new self($words->key, $words->text, [...$words->values, $found[1] => self::within($first)]);
        }
        $text = preg_match('/^\p{Lu}[\p{Ll} ]/u', $words->text) === 1 ? lcfirst($words->text) : $words->text;

        return new self($words->key === $words->text ? $text : $words->key, $text, $words->values);
    }

    /** The other way round: as it stands at the head of a line. */
    public static function headed(self|Written|string $words): self
    {
        $words = self::plain($words);
        $text = ucfirst($words->text);

        return new self($words->key === $words->text ? $text : $words->key, $text, $words->values);
    }

    /**
     * One after the other, each as it is.
     *
     * @param  array<array-key, self|Written|string>  $words
     */
    public static function listed(array $words, string $between = ', '): self
    {
        $words = array_values($words);
        if (count($words) === 1 && ! ($words[0] instanceof Written)) {
            return self::plain($words[0]);
        }
        $values = $places = [];
        foreach ($words as $i => $one) {
            $values["n$i"] = $one instanceof Written ? $one : self::plain($one);
            $places[] = "{n$i}";
        }

        return new self('list', implode($between, $places), $values);
    }

    /** A label or a name in the words of a hub: one that is nothing but text says the same of all. */
    public static function ofHub(self|string $words, HubWords $hub): self|string
    {
        return $words instanceof self ? $words->inWordsOf($hub) : $words;
    }

    /** The same in the words of a hub. */
    public function inWordsOf(HubWords $hub): self
    {
        if ($this->values === []) {
            return $this;
        }
        $values = [];
        foreach ($this->values as $place => $value) {
            $values[$place] = $value instanceof self ? $value->inWordsOf($hub) : $value;
        }

        return new self($this->key, $this->text, [...$values, ...array_intersect_key($hub->words, $values)]);
    }

    /** Whether it is nothing but its words: no key of its own, no values. */
    public function isPlain(): bool
    {
        return $this->key === $this->text && $this->values === [];
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
            $filled['{'.$name.'}'] = match (true) {
                $value instanceof Quantity => self::shown($value),
                $value instanceof self => $value->inEnglish(),
                $value instanceof Written => $value->text,
                default => (string) $value,
            };
        }

        return strtr($this->text, $filled);
    }

    /** A quantity as text in its own unit. */
    public static function shown(Quantity $value, ?int $digits = null): string
    {
        return (new QuantityText())->of($value, $digits ?? self::digitsOf($value));
    }
}
