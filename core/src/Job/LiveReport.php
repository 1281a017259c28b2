<?php

declare(strict_types=1);

namespace CleanRace\Core\Job;

use CleanRace\Core\Hub\Drawing\Section;
use CleanRace\Core\Hub\TrayItem;
use CleanRace\Core\Patterns\HubSizes;
use CleanRace\Core\Proving\Block;
use CleanRace\Core\Seating\Plan\SeatDriver;
use CleanRace\Core\Setting\Plan\SetFindings;
use CleanRace\Core\Sizing\Bearing\CaliperCandidate;
use CleanRace\Core\Sizing\Conversion\ConversionResult;
use CleanRace\Core\Sizing\Plan\PartFinding;
use CleanRace\Core\Sizing\Plan\SeatFinding;
use CleanRace\Core\Sourcing\Difference;
use CleanRace\Core\Sourcing\PartMatch;
use CleanRace\Core\Sourcing\ToBuy;
use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Stripping\ToolLine;

/**
 * What somebody at one station sees change while typing: the axle line, that station, and what its panels show. What is
 * null belongs to another station, and stands as it was.
 */
final readonly class LiveReport
{
    /**
     * @param  list<StationReport>  $stations the one at hand
     * @param  list<TrayItem>  $tray
     * @param  list<ToolLine>  $tools that the take-down needs
     * @param  list<CaliperCandidate>  $candidatesLeft
     * @param  list<CaliperCandidate>  $candidatesRight
     * @param  list<PartFinding>  $partFindings
     * @param  list<SeatFinding>  $seats
     * @param  list<ToBuy>  $toBuy
     * @param  list<Difference>  $matchLeft
     * @param  list<Difference>  $matchRight
     * @param  list<PartMatch>  $matches of parts other than the bearings of a pair
     * @param  list<SeatDriver>  $drivers
     * @param  list<Block>  $blocks
     */
    public function __construct(
        public Section $section,
        public HubSizes $sizes,
        public array $tray,
        public array $stations,
        public ?array $tools = null,
        public ?array $candidatesLeft = null,
        public ?array $candidatesRight = null,
        public ?array $partFindings = null,
        public ?array $seats = null,
        public ?ConversionResult $conversion = null,
        public ?array $toBuy = null,
        public ?array $matchLeft = null,
        public ?array $matchRight = null,
        public ?array $matches = null,
        public ?array $drivers = null,
        public ?SetFindings $set = null,
        public ?array $blocks = null,
        public ?bool $maySign = null,
    ) {
    }
}
