<?php

declare(strict_types=1);

namespace CleanRace\Core\Tooling;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Message;

/** A driver that hangs on the tool wall: a socket, a cup, a disc, a piece of pipe. Solid when it has no opening. */
final readonly class Tool
{
    public function __construct(
        public string $id,
        public Message|string $name,
        public ToolKind $kind,
        public Length $outside,
        public ?Length $opening,
        public Length $length,
    ) {
    }
}
