<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Drivers;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;

/** How one tool stands on the ring. */
final readonly class DriverFit
{
    public function __construct(
        public string $id,
        public Message|string $name,
        public Length $outside,
        public ?Length $opening,
        public Share $contact,
        public Level $level,
        public Message $reason,
    ) {
    }
}
