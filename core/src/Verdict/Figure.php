<?php

declare(strict_types=1);

namespace CleanRace\Core\Verdict;

use CleanRace\Core\Measure\Quantity;

/** One number that matters to a judgement, with what it is called and how sure it is. */
final readonly class Figure
{
    private function __construct(
        public string $name,
        public Message $label,
        public Quantity $value,
        public ?float $plusMinus,
        public ?int $digits,
    ) {
    }

    /** The same in the words of that hub. */
    public function inWordsOf(HubWords $hub): self
    {
        return new self($this->name, $this->label->inWordsOf($hub), $this->value, $this->plusMinus, $this->digits);
    }

    /**
     * @param  string  $name short name in snake_case, the same wherever this figure appears
     * @param  ?float  $plusMinus two standard deviations, in the unit of the value
     * @param  ?int  $digits decimals to show, or none for the unit's usual
     */
    public static function of(string $name, Message|string $label, Quantity $value, ?float $plusMinus = null, ?int $digits = null): self
    {
        return new self(
            $name,
            $label instanceof Message ? $label : Message::of('figure.'.$name, $label),
            $value,
            $plusMinus,
            $digits,
        );
    }
}
