<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;

/** One thing compared, old beside new. */
final readonly class Difference
{
    public function __construct(
        public Message|string $what,
        public Message|Written $old,
        public Message|Written $new,
        public Level $level,
    ) {
    }
}
