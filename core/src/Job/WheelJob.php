<?php

declare(strict_types=1);

namespace CleanRace\Core\Job;

use CleanRace\Core\Checking\CheckIn;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Mechanics\Squareness\DepthRound;
use CleanRace\Core\Mechanics\Squareness\SeatingTrend;
use CleanRace\Core\Mechanics\Squareness\SeatingTrendInput;
use CleanRace\Core\Mechanics\Squareness\SeatingTrendResult;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubSheet;
use CleanRace\Core\Patterns\SectionMaker;
use CleanRace\Core\Proving\Blocks;
use CleanRace\Core\Proving\CarriedForward;
use CleanRace\Core\Proving\Prove;
use CleanRace\Core\Seating\Plan\PressReckoning;
use CleanRace\Core\Seating\Plan\Seat;
use CleanRace\Core\Seating\Plan\SeatingRun;
use CleanRace\Core\Seating\Plan\SeatOrder;
use CleanRace\Core\Seating\Press\PressSetup;
use CleanRace\Core\Setting\Plan\Set;
use CleanRace\Core\Setting\Plan\SetFindings;
use CleanRace\Core\Sizing\Bearing\CaliperCandidate;
use CleanRace\Core\Sizing\Conversion\ConversionResult;
use CleanRace\Core\Sizing\Plan\Converted;
use CleanRace\Core\Sizing\Plan\Findings;
use CleanRace\Core\Sizing\Plan\PartFinding;
use CleanRace\Core\Sizing\Plan\PartSizing;
use CleanRace\Core\Sizing\Plan\SeatFinding;
use CleanRace\Core\Sizing\Plan\Size;
use CleanRace\Core\Sizing\Plan\SizingRun;
use CleanRace\Core\Sourcing\BuyingList;
use CleanRace\Core\Sourcing\Difference;
use CleanRace\Core\Sourcing\PartMatch;
use CleanRace\Core\Sourcing\PartMatches;
use CleanRace\Core\Sourcing\Source;
use CleanRace\Core\Sourcing\ToBuy;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Stripping\Strip;
use CleanRace\Core\Stripping\ToolLine;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\SaidOfHub;

/** Goes through the seven stations in their order and says how the job stands. Nothing is kept: the notebook is all there is. */
final readonly class WheelJob
{
    public function __construct(private Limits $limits)
    {
    }

    /** What is reckoned of pressing the ring at a seat; null when this hub has no such seat. */
    public function pressSetup(Bench $bench, string $seat): ?PressSetup
    {
        $findings = (new SizingRun($this->limits))->findings($bench);

        return (new PressReckoning($this->limits, $bench, $findings, new SeatOrder($this->limits, $bench, $findings)))->setup($seat);
    }

    /** @param  list<DepthRound>  $rounds of depths about the ring at a seat; null when this hub has no such seat */
    public function trend(Bench $bench, string $seat, array $rounds): ?SeatingTrendResult
    {
        foreach ((new SeatOrder($this->limits, $bench, (new SizingRun($this->limits))->findings($bench)))->seats() as $one) {
            if ($one->key === $seat) {
                return (new SeatingTrend($this->limits))->work(new SeatingTrendInput($one->bore, $one->outside, $rounds));
            }
        }

        return null;
    }

    /** What changes at one station, and on the axle line, with what is typed there. */
    public function live(Bench $bench, Station $station): LiveReport
    {
        $sizing = new SizingRun($this->limits);
        $findings = $sizing->findings($bench);
        $run = new SeatingRun($this->limits, $bench, $findings);
        if ($station === Station::Prove || ! $bench->pattern->card()->sure) {
            // Whether it may be signed is the matter of all stations.
            $all = $this->report($bench);

            return new LiveReport(
                $all->section,
                $all->sizes,
                $all->tray,
                array_values(array_filter($all->stations, static fn (StationReport $s): bool => $s->station === $station)),
                blocks: $all->blocks,
                maySign: $all->maySign,
            );
        }

        $changed = match ($station) {
            Station::CheckIn => ['stations' => [(new CheckIn($this->limits))->report($bench)]],
            Station::Strip => $this->stripping($bench),
            Station::Size => $this->sizing($bench, $sizing, $findings),
            Station::Source => $this->sourcing($bench, $findings),
            Station::Seat => [
                'stations' => [(new Seat())->report($bench, $run)],
                'drivers' => $run->tools->drivers(),
                'set' => (new Set($this->limits, $bench, $run))->findings,
            ],
            Station::Set => $this->setting(new Set($this->limits, $bench, $run)),
        };

        return new LiveReport(
            (new SectionMaker($bench->hub, $bench->tray, $bench->notebook))->section($run->standing()),
            $findings->sizes,
            $bench->tray->items,
            ...['stations' => self::said($bench, $changed['stations'])] + $changed,
        );
    }

    /**
     * @template T of SaidOfHub
     *
     * @param  list<T>  $all
     * @return list<T> in the words of this hub: its bearings may sit in a knuckle, a housing, a wheel
     */
    private static function said(Bench $bench, array $all): array
    {
        $hub = $bench->pattern->card()->words();

        return $hub->areUsual() ? $all : array_map(static fn (SaidOfHub $one): SaidOfHub => $one->inWordsOf($hub), $all);
    }

    /** @return array{stations: list<StationReport>, tools: list<ToolLine>} */
    private function stripping(Bench $bench): array
    {
        $strip = new Strip($bench);

        return ['stations' => [$strip->report()], 'tools' => self::said($bench, $strip->toolLines())];
    }

    /**
     * @return array{stations: list<StationReport>, candidatesLeft: list<CaliperCandidate>,
     *   candidatesRight: list<CaliperCandidate>, partFindings: list<PartFinding>, seats: list<SeatFinding>,
     *   conversion: ?ConversionResult}
     */
    private function sizing(Bench $bench, SizingRun $sizing, Findings $findings): array
    {
        $size = new Size($this->limits, $sizing);

        return [
            'stations' => [$size->report($bench, $findings)],
            'candidatesLeft' => $sizing->byCaliper($bench, Side::Left)->candidates ?? [],
            'candidatesRight' => $sizing->byCaliper($bench, Side::Right)->candidates ?? [],
            'partFindings' => (new PartSizing($this->limits))->findings($bench),
            'seats' => $size->seats($bench, $findings),
            'conversion' => Converted::work($this->limits, $bench),
        ];
    }

    /**
     * @return array{stations: list<StationReport>, toBuy: list<ToBuy>, matchLeft: list<Difference>,
     *   matchRight: list<Difference>, matches: list<PartMatch>}
     */
    private function sourcing(Bench $bench, Findings $findings): array
    {
        $source = new Source($this->limits);
        $lines = (new BuyingList($this->limits))->lines($bench, $findings);

        return [
            'stations' => [$source->report($bench, $findings, $lines)],
            'toBuy' => $lines,
            'matchLeft' => $source->compared($bench, Side::Left)->compared ?? [],
            'matchRight' => $source->compared($bench, Side::Right)->compared ?? [],
            'matches' => (new PartMatches())->matches($bench),
        ];
    }

    /** @return array{stations: list<StationReport>, set: SetFindings} */
    private function setting(Set $set): array
    {
        return ['stations' => [$set->report()], 'set' => $set->findings];
    }

    /** The whole job in one pass over its seven stations. */
    public function report(Bench $bench): JobReport
    {
        $sizing = new SizingRun($this->limits);
        $source = new Source($this->limits);
        $findings = $sizing->findings($bench);
        $run = new SeatingRun($this->limits, $bench, $findings);
        $strip = new Strip($bench);
        $set = new Set($this->limits, $bench, $run);
        $lines = (new BuyingList($this->limits))->lines($bench, $findings);
        $earlier = self::said($bench, [
            (new CheckIn($this->limits))->report($bench),
            $strip->report(),
            (new Size($this->limits, $sizing))->report($bench, $findings),
            $source->report($bench, $findings, $lines),
            (new Seat())->report($bench, $run),
            $set->report(),
        ]);
        if (! $bench->pattern->card()->sure) {
            $earlier = [
                $earlier[0],
                KindFirst::stripped($earlier[1], $bench),
                ...array_map(
                    static fn (Station $s): StationReport => KindFirst::station($s, $bench),
                    [Station::Size, Station::Source, Station::Seat, Station::Set],
                ),
            ];
        }
        $blocks = Blocks::of($bench, $earlier);

        return new JobReport(
            (new SectionMaker($bench->hub, $bench->tray, $bench->notebook))->section($run->standing()),
            $findings->sizes,
            [...$earlier, ...self::said($bench, [(new Prove())->report($bench, $blocks)])],
            $bench->tray->items,
            $lines,
            $source->compared($bench, Side::Left)->compared ?? [],
            $source->compared($bench, Side::Right)->compared ?? [],
            $sizing->byCaliper($bench, Side::Left)->candidates ?? [],
            $sizing->byCaliper($bench, Side::Right)->candidates ?? [],
            $run->tools->drivers(),
            $blocks->all,
            $blocks->isClear(),
            HubSheet::of($bench->hub, $bench->notebook),
            self::said($bench, $strip->toolLines()),
            (new PartSizing($this->limits))->findings($bench),
            (new Size($this->limits, $sizing))->seats($bench, $findings),
            (new PartMatches())->matches($bench),
            $set->findings,
            Converted::work($this->limits, $bench),
            CarriedForward::line($bench),
        );
    }
}
