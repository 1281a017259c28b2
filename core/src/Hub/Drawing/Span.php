<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub\Drawing;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Message;

/** A dimension along the axle. */
final readonly class Span
{
    public function __construct(
        public SpanOf $of,
        public Message|string $label,
        public Length $from,
        public Length $to,
        public bool $measured,
    ) {
    }
}
