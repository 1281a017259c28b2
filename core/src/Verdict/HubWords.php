<?php

declare(strict_types=1);

namespace CleanRace\Core\Verdict;

/** What people call what a bearing sits in, and what goes through it: mostly a hub and its axle, but a housing and its shaft too. */
final readonly class HubWords
{
    public const BODY = 'hub';

    public const SHAFT = 'axle';

    /** By the places of a message where they stand, unless it says there what it means. */
    public const USUAL = ['body' => self::BODY, 'shaft' => self::SHAFT];

    /** @param  array<string, Message>  $words by those places */
    private function __construct(public array $words)
    {
    }

    public static function of(string $body, string $shaft): self
    {
        return new self(['body' => Message::plain($body), 'shaft' => Message::plain($shaft)]);
    }

    /** Whether all that is said is said in them already. */
    public function areUsual(): bool
    {
        return array_map(static fn (Message $m): string => $m->text, $this->words) === self::USUAL;
    }
}
