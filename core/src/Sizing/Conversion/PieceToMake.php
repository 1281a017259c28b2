<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Conversion;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Message;

/** A turned piece: what it is, and its sizes from and to. */
final readonly class PieceToMake
{
    /**
     * @param  list<string>  $parts what it becomes in the hub: `ring_left`, `bush_right` …; empty for the spacer
     *   tube, which every such hub has
     */
    public function __construct(
        public Message|string $name,
        public Length $outside,
        public Length $bore,
        public Length $boreTo,
        public Length $length,
        public array $parts = [],
    ) {
    }
}
