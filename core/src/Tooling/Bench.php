<?php

declare(strict_types=1);

namespace CleanRace\Core\Tooling;

use CleanRace\Core\Hub\Pattern;
use CleanRace\Core\Hub\Tray;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Notebook;

/** What lies ready for one job: the hub, what is known of it, the tools of the shop, what was noted last time. */
final readonly class Bench
{
    public Tray $tray;

    /**
     * @param  list<Tool>  $tools drivers on the wall
     */
    public function __construct(
        public Pattern $pattern,
        public Notebook $notebook,
        public array $tools,
        public ?Force $pressCapacity,
        public DrawBolt $drawBolt,
        public bool $signed = false,
    ) {
        $this->tray = Tray::of($pattern, $notebook);
    }
}
