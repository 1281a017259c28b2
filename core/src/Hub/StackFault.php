<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Verdict\Message;

/** Something about the parts of a hub that cannot be as it says. */
final readonly class StackFault
{
    /** @param  list<string>  $parts that it is about */
    public function __construct(public Message $say, public array $parts)
    {
    }
}
