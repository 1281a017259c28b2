<?php

declare(strict_types=1);

namespace CleanRace\Core\Steps;

/** An answer as it is entered when all is as it should be: what is null is not said. */
final readonly class OrdinaryAnswer
{
    /** @param  list<string>  $choices */
    private function __construct(
        public string $place,
        public ?string $choice,
        public array $choices,
        public ?bool $done,
        public ?string $state,
        public ?string $condition,
        public ?string $wayRound,
        public ?bool $new,
    ) {
    }

    /** @param  array<string, bool|string|list<string>>  $entry as {@see EntryReader} reads it at that place */
    public static function at(string $place, array $entry): self
    {
        $word = static fn (string $key): ?string => is_string($entry[$key] ?? null) ? $entry[$key] : null;
        $yes = static fn (string $key): ?bool => is_bool($entry[$key] ?? null) ? $entry[$key] : null;
        $choices = $entry['choices'] ?? [];

        return new self(
            $place,
            $word('choice'),
            is_array($choices) ? $choices : [],
            $yes('done'),
            $word('state'),
            $word('condition'),
            $word('way_round'),
            $yes('new'),
        );
    }
}
