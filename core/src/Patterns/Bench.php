<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Hub\Tray;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Tooling\Tool;
use CleanRace\Core\Tooling\WallTool;

/** What lies ready for one job: the hub, what is known of it, the tools of the shop, what was noted last time. */
final readonly class Bench
{
    public Hub $hub;

    public Tray $tray;

    /**
     * @param  list<Tool>  $tools drivers on the wall
     * @param  list<WallTool>  $wall all that hangs there
     * @param  array<string, string>  $habits how this shop usually goes about things, by name
     * @param  list<Angle>  $lockShifts by which lock nuts moved the cone on earlier hubs of this shop, tighter is more
     * @param  array<string, string>  $spanners what last time was noted of this machine's fasteners, by place
     */
    public function __construct(
        public Pattern $pattern,
        public Notebook $notebook,
        public array $tools,
        public ?Force $pressCapacity,
        public DrawBolt $drawBolt,
        public bool $signed = false,
        public array $wall = [],
        public array $habits = [],
        public array $spanners = [],
        public array $lockShifts = [],
    ) {
        $this->hub = Hub::of($pattern, $notebook);
        $this->tray = Tray::of($this->hub->stack, $notebook);
    }

    /** Two bearings of one piece with a sleeve between: sized, bought and seated as a pair. */
    public function isPair(): bool
    {
        $stack = $this->hub->stack;

        return $this->pattern->card()->pair &&
            count($stack->cartridges()) === 2 &&
            $stack->find('sleeve') !== null &&
            $stack->find('bearing_left') !== null &&
            $stack->find('bearing_right') !== null;
    }
}
