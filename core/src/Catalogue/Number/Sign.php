<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue\Number;

use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;

/** One sign in a designation and what it says. */
final readonly class Sign
{
    /** @param  ?int  $seals number of seals it tells of; null when it says nothing of seals, or not clearly */
    public function __construct(public string $sign, public string $family, public ?int $seals, public Message|string $meaning)
    {
    }

    /** One sign of a number taken for another: O as 0. */
    public static function taken(string $seen, string $meant): Message
    {
        return Message::of('number.taken', '{seen} as {meant}', ['seen' => Written::of($seen), 'meant' => Written::of($meant)]);
    }
}
