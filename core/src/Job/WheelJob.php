<?php

declare(strict_types=1);

namespace CleanRace\Core\Job;

use CleanRace\Core\Checking\CheckIn;
use CleanRace\Core\Hub\HubSheet;
use CleanRace\Core\Hub\SectionMaker;
use CleanRace\Core\Hub\Side;
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
use CleanRace\Core\Sizing\PartSizing;
use CleanRace\Core\Sizing\Size;
use CleanRace\Core\Sourcing\PartMatches;
use CleanRace\Core\Sourcing\Source;
use CleanRace\Core\Stripping\Strip;
use CleanRace\Core\Tooling\Bench;
use CleanRace\Core\Verdict\Limits;

/** Goes through the seven stations in their order and says how the job stands. Nothing is kept: the notebook is all there is. */
final readonly class WheelJob
{
    public function __construct(private Limits $limits)
    {
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

    public function report(Bench $bench): JobReport
    {
        $finder = new Finder($this->limits);
        $source = new Source($this->limits);
        $findings = $finder->findings($bench);
        $progress = new Progress($this->limits, $bench, $findings);
        $strip = new Strip($bench);
        $set = new Set($this->limits, $bench, $progress);
        $earlier = [
            (new CheckIn($this->limits))->report($bench), $strip->report(), (new Size($this->limits, $finder))->report($bench, $findings),
            $source->report($bench, $findings), (new Seat)->report($bench, $progress), $set->report(),
        ];
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
