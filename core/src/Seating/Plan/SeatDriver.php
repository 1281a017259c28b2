<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

use CleanRace\Core\Mechanics\Drivers\DriverChoiceResult;
use CleanRace\Core\Patterns\Push;
use CleanRace\Core\Tooling\Tool;

/** The tools for one seat, best first, and the one that is taken. */
final readonly class SeatDriver
{
    /**
     * @param  string  $place where the choice is kept
     * @param  list<string>  $parts that are pushed with it
     */
    public function __construct(
        public string $place,
        public array $parts,
        public Push $push,
        public DriverChoiceResult $choice,
        public ?Tool $chosen,
    ) {
    }
}
