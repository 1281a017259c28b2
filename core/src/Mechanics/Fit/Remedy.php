<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Verdict\Message;

/** One way to deal with a seat that no longer holds its ring, with what it costs and what may go wrong. */
final readonly class Remedy
{
    public function __construct(
        public Message|string $name,
        public Message|string $what,
        public Message|string $cost,
        public Message|string $risk,
        public bool $serves,
    ) {
    }
}
