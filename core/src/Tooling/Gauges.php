<?php

declare(strict_types=1);

namespace CleanRace\Core\Tooling;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;

/** How well the calipers and gauges of a shop read. */
final readonly class Gauges
{
    /** @param  list<WallTool>  $wall what hangs there */
    public function __construct(private array $wall)
    {
    }

    /** Half-width of what this instrument reads here, in mm: of several the worst, nobody says which it was; else the usual. */
    public function halfWidth(Instrument $by): Length
    {
        $halves = array_map(static fn (WallTool $t): float => $t->reads === $by ? $t->plusMinus->mm ?? 0.0 : 0.0, $this->wall);
        $worst = max([0.0, ...$halves]);

        return $worst > 0.0 ? Length::mm($worst) : $by->halfWidth();
    }
}
