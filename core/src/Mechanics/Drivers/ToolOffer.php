<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Drivers;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Message;

/** A driver to get, and what it would serve that nothing serves now. */
final readonly class ToolOffer
{
    /** @param  list<string>  $numbers */
    public function __construct(
        public Message|string $name,
        public Length $outside,
        public ?Length $opening,
        public array $numbers,
        public int $jobs,
    ) {
    }
}
