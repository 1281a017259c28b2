<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Press;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Verdict;

/** What was seen: the force it slides at once it is all in, where it came home, and what happened on the way. */
final readonly class PressTraceResult
{
    /** @param  list<PressEvent>  $events in the order of travel */
    public function __construct(
        public PressKind $kind,
        public ?Force $slide,
        public ?Length $knee,
        public Force $alarm,
        public array $events,
        public Verdict $verdict,
    ) {
    }
}
