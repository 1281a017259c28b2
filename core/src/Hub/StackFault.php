<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Measure\Quantity;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;

/** Something about the parts of a hub that cannot be as it says. */
final readonly class StackFault
{
    /** @param  list<string>  $parts that it is about */
    public function __construct(public Message $say, public array $parts)
    {
    }

    /** @param  array<string, Quantity|Message|Written|int>  $values */
    public static function of(string $key, string $text, array $values, Part ...$parts): self
    {
        return new self(
            Message::of("stack.$key", $text, $values),
            array_values(array_map(static fn (Part $p): string => $p->id, $parts)),
        );
    }

    /** Below this two sizes are the same to a caliper, in mm. */
    public static function same(): float
    {
        return Limits::standard()->get('stack.same');
    }
}
