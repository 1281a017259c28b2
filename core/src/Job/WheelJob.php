<?php

declare(strict_types=1);

namespace CleanRace\Core\Job;

use CleanRace\Core\Checking\CheckIn;
use CleanRace\Core\Hub\Ask;
use CleanRace\Core\Hub\HubSheet;
use CleanRace\Core\Hub\SectionMaker;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\StationReport;
use CleanRace\Core\Proving\Blocks;
use CleanRace\Core\Proving\Prove;
use CleanRace\Core\Seating\DepthRound;
use CleanRace\Core\Seating\PressReckoning;
use CleanRace\Core\Seating\PressSetup;
use CleanRace\Core\Seating\Progress;
use CleanRace\Core\Seating\Seat;
use CleanRace\Core\Seating\SeatingTrend;
use CleanRace\Core\Seating\SeatingTrendInput;
use CleanRace\Core\Seating\SeatingTrendResult;
use CleanRace\Core\Seating\SeatOrder;
use CleanRace\Core\Setting\Set;
use CleanRace\Core\Sizing\Converted;
use CleanRace\Core\Sizing\Finder;
use CleanRace\Core\Sizing\Findings;
use CleanRace\Core\Sizing\PartSizing;
use CleanRace\Core\Sizing\Size;
use CleanRace\Core\Sourcing\PartMatches;
use CleanRace\Core\Sourcing\Source;
use CleanRace\Core\Stripping\Strip;
use CleanRace\Core\Tooling\Bench;
use CleanRace\Core\Verdict\Limits;
use Closure;

/** Goes through the seven stations in their order and says how the job stands. Nothing is kept: the notebook is all there is. */
final readonly class WheelJob
{
    public function __construct(private Limits $limits)
    {
    }

    /** What is asked at a place, or null when nothing is. The station a place is named after is looked at first, the others only when it asks no such thing. */
    public function ask(Bench $bench, string $place): ?Ask
    {
        $finder = new Finder($this->limits);
        $findings = $finder->findings($bench);
        $stations = $this->stations($bench, $finder, $findings, new Progress($this->limits, $bench, $findings));
        $own = strstr($place, '.', true) ?: '';
        $reports = [];
        foreach ([...array_intersect([$own], array_keys($stations)), ...array_keys($stations)] as $name) {
            $reports[$name] ??= $stations[$name]();
            $ask = $reports[$name]->ask($place);
            if ($ask !== null) {
                return $ask;
            }
        }

        return (new Prove)->report($bench, Blocks::of($bench, array_map(static fn (string $name): StationReport => $reports[$name], array_keys($stations))))->ask($place);
    }

    /** What is reckoned of pressing the ring at a seat; null when this hub has no such seat. */
    public function pressSetup(Bench $bench, string $seat): ?PressSetup
    {
        $findings = (new Finder($this->limits))->findings($bench);

        return (new PressReckoning($this->limits, $bench, $findings, new SeatOrder($this->limits, $bench, $findings)))->setup($seat);
    }

    /** @param  list<DepthRound>  $rounds of depths about the ring at a seat; null when this hub has no such seat */
    public function trend(Bench $bench, string $seat, array $rounds): ?SeatingTrendResult
    {
        foreach ((new SeatOrder($this->limits, $bench, (new Finder($this->limits))->findings($bench)))->seats() as $one) {
            if ($one->key === $seat) {
                return (new SeatingTrend($this->limits))->work(new SeatingTrendInput($one->bore, $one->outside, $rounds));
            }
        }

        return null;
    }

    /** @return array<string, Closure(): StationReport> the six before Prove in their order, by how their places begin */
    private function stations(Bench $bench, Finder $finder, Findings $findings, Progress $progress, ?Strip $strip = null, ?Set $set = null): array
    {
        return [
            'check' => fn (): StationReport => (new CheckIn($this->limits))->report($bench),
            'strip' => fn (): StationReport => ($strip ?? new Strip($bench))->report(),
            'size' => fn (): StationReport => (new Size($this->limits, $finder))->report($bench, $findings),
            'source' => fn (): StationReport => (new Source($this->limits))->report($bench, $findings),
            'seat' => fn (): StationReport => (new Seat)->report($bench, $progress),
            'set' => fn (): StationReport => ($set ?? new Set($this->limits, $bench, $progress))->report(),
        ];
    }

    public function report(Bench $bench): JobReport
    {
        $finder = new Finder($this->limits);
        $source = new Source($this->limits);
        $findings = $finder->findings($bench);
        $progress = new Progress($this->limits, $bench, $findings);
        $strip = new Strip($bench);
        $set = new Set($this->limits, $bench, $progress);
        $earlier = array_map(static fn (Closure $station): StationReport => $station(), array_values($this->stations($bench, $finder, $findings, $progress, $strip, $set)));
        $blocks = Blocks::of($bench, $earlier);

        return new JobReport(
            (new SectionMaker($bench->hub, $bench->tray, $bench->notebook))->section($progress->standing()),
            $findings->sizes,
            [...$earlier, (new Prove)->report($bench, $blocks)],
            $bench->tray->items,
            $source->toBuy($bench, $findings),
            $source->compared($bench, Side::Left)->compared ?? [],
            $source->compared($bench, Side::Right)->compared ?? [],
            $finder->byCaliper($bench, Side::Left)->candidates ?? [],
            $finder->byCaliper($bench, Side::Right)->candidates ?? [],
            $progress->tools->drivers(),
            $blocks->all,
            $blocks->isClear(),
            HubSheet::of($bench->hub, $bench->notebook),
            $strip->toolLines(),
            (new PartSizing($this->limits))->findings($bench),
            (new Size($this->limits, $finder))->seats($bench, $findings),
            (new PartMatches)->matches($bench),
            $set->findings,
            Converted::work($this->limits, $bench),
        );
    }
}
