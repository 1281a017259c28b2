<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Squareness;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Verdict\Verdict;

/** Every round that could be judged, the limits to draw beside them, and where it is heading. Null until there are two rounds. */
final readonly class SeatingTrendResult
{
    /** @param  list<TrendPoint>  $points */
    public function __construct(public array $points, public Angle $goOnBelow, public Angle $driveOutAbove, public ?Verdict $verdict)
    {
    }
}
