<?php

declare(strict_types=1);

namespace CleanRace\Core\Proving;

use CleanRace\Core\Hub\Station;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;

/** Something that stands in the way of signing: a stop until it is put right, a care until a word is given. */
final readonly class Block
{
    public function __construct(public Level $level, public Station $station, public string $step, public Message $what, public ?string $word)
    {
    }
}
