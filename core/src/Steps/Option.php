<?php

declare(strict_types=1);

namespace CleanRace\Core\Steps;

use BackedEnum;
use CleanRace\Core\Verdict\HubWords;
use CleanRace\Core\Verdict\Message;

/** One answer that can be tapped. */
final readonly class Option
{
    public function __construct(public string $value, public Message|string $label)
    {
    }

    /** The same in the words of that hub. */
    public function inWordsOf(HubWords $hub): self
    {
        return new self($this->value, Message::ofHub($this->label, $hub));
    }

    /**
     * Every case of an enum that has a label.
     *
     * @param  class-string<BackedEnum>  $enum
     * @return list<self>
     */
    public static function each(string $enum): array
    {
        return array_map(
            static fn (BackedEnum $case): self => new self(
                (string) $case->value,
                method_exists($case, 'label') ? $case->label() : str_replace('_', ' ', (string) $case->value),
            ),
            $enum::cases(),
        );
    }

    /**
     * @param  array<string, string>  $labels by value
     * @return list<self>
     */
    public static function of(array $labels): array
    {
        return array_map(
            static fn (string $value, string $label): self => new self($value, $label),
            array_keys($labels),
            array_values($labels),
        );
    }
}
