<?php

declare(strict_types=1);

namespace CleanRace\Core\Job;

use CleanRace\Core\Hub\Drawing\Section;
use CleanRace\Core\Hub\TrayItem;
use CleanRace\Core\Patterns\HubSheet;
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
use CleanRace\Core\Verdict\Message;

/** A whole job as it stands: the axle line, the seven stations, the tray, and what stands in the way of signing. */
final readonly class JobReport
{
    /**
     * @param  list<StationReport>  $stations
     * @param  list<TrayItem>  $tray
     * @param  list<ToBuy>  $toBuy
     * @param  list<Difference>  $matchLeft
     * @param  list<Difference>  $matchRight
     * @param  list<CaliperCandidate>  $candidatesLeft
     * @param  list<CaliperCandidate>  $candidatesRight
     * @param  list<SeatDriver>  $drivers
     * @param  list<Block>  $blocks
     * @param  list<ToolLine>  $tools that the take-down needs
     * @param  list<PartFinding>  $partFindings
     * @param  list<SeatFinding>  $seats
     * @param  list<PartMatch>  $matches of parts other than the bearings of a pair
     * @param  ?Message  $carried what is used and looked at again the next time, in one line; null when nothing is
     */
    public function __construct(
        public Section $section,
        public HubSizes $sizes,
        public array $stations,
        public array $tray,
        public array $toBuy,
        public array $matchLeft,
        public array $matchRight,
        public array $candidatesLeft,
        public array $candidatesRight,
        public array $drivers,
        public array $blocks,
        public bool $maySign,
        public HubSheet $hub,
        public array $tools,
        public array $partFindings,
        public array $seats,
        public array $matches,
        public SetFindings $set,
        public ?ConversionResult $conversion,
        public ?Message $carried,
    ) {
    }
}
