<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Finder;

use CleanRace\Core\Verdict\Message;
use stdClass;

/** One way to understand what was typed: the calculator that answers it, and what to give it. */
final readonly class Interpretation
{
    private function __construct(public string $calculator, public Message|string $says, public stdClass $input)
    {
    }

    /** @param  array<string, mixed>  $input */
    public static function of(string $calculator, Message|string $says, array $input): self
    {
        return new self($calculator, $says, (object) $input);
    }
}
