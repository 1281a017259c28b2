<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub\Drawing;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Message;

/** The hub in half-section, ready to be drawn to scale. Zero is the left face of the housing, or the first part where there is none. */
final readonly class Section
{
    /**
     * @param  Length  $from the leftmost of it
     * @param  Length  $to the rightmost
     * @param  Length  $radius the furthest from the axis
     * @param  list<Piece>  $pieces housing first, then along the axle
     * @param  list<Span>  $spans
     * @param  list<Span>  $gaps room between neighbours, on the axle or in the housing
     * @param  ?Message  $note what must be known of the drawing as a whole
     * @param  Message|string  $left what people call the left end
     */
    public function __construct(
        public Length $from,
        public Length $to,
        public Length $radius,
        public array $pieces,
        public array $spans,
        public array $gaps,
        public Message|string $left,
        public Message|string $right,
        public ?Message $note = null,
    ) {
    }
}
