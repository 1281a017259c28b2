<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\SmallParts;

use CleanRace\Core\Measure\Share;
use CleanRace\Core\Verdict\Message;

/** One listed seal, ring, ball, pin or O-ring that the readings may mean. */
final readonly class PartCandidate
{
    /** @param  Message|string  $sizes as it is asked for, with the unit */
    public function __construct(
        public Message|string $name,
        public Message|string $sizes,
        public string $system,
        public float $chiSquare,
        public Share $probability,
    ) {
    }
}
