<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Job\LiveReport;
use CleanRace\Core\Job\SpunBearing;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Mechanics\Squareness\DepthRound;
use CleanRace\Core\Mechanics\Squareness\SeatingTrendResult;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Seating\Press\PressSetup;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\DrawBolt;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** Sets a job out before the core: its hub, its notebook, the shop's tools. */
final readonly class Workbench
{
    public function __construct(private Limits $limits)
    {
    }

    public function report(Job $job, Notebook $notebook): JobReport
    {
        return (new WheelJob($this->limits))->report(
            $this->bench($job, $notebook, Notes::ofFastenersBefore($job)->words(), LockShiftsHere::before($job)),
        );
    }

    /** What changes at one station with what is typed there: what earlier jobs lend is asked only where it is used. */
    public function live(Job $job, Notebook $notebook, Station $station): LiveReport
    {
        $spanners = in_array($station, [Station::Strip, Station::Prove], true) ? Notes::ofFastenersBefore($job)->words() : [];
        $shifts = in_array($station, [Station::Set, Station::Prove], true) ? LockShiftsHere::before($job) : [];

        return (new WheelJob($this->limits))->live($this->bench($job, $notebook, $spanners, $shifts), $station);
    }

    /** @throws ModelNotFoundException when the hub of this job has no such seat */
    public function pressSetup(Job $job, Notebook $notebook, string $seat): PressSetup
    {
        return (new WheelJob($this->limits))->pressSetup($this->bench($job, $notebook), $seat) ?? throw new ModelNotFoundException();
    }

    /**
     * @param  list<DepthRound>  $rounds
     *
     * @throws ModelNotFoundException when the hub of this job has no such seat
     */
    public function trend(Job $job, Notebook $notebook, string $seat, array $rounds): SeatingTrendResult
    {
        return (new WheelJob($this->limits))->trend($this->bench($job, $notebook), $seat, $rounds) ??
            throw new ModelNotFoundException();
    }

    /** What is known of the bearing that is listened to at a side. */
    public function spun(Job $job, Notebook $notebook, Side $side): SpunBearing
    {
        return SpunBearing::of($this->bench($job, $notebook), $side);
    }

    public function pattern(Job $job): Pattern
    {
        return HubPatterns::find($job->pattern);
    }

    /**
     * @param  array<string, string>  $spanners what last time was noted of this machine's fasteners, by place
     * @param  list<Angle>  $lockShifts
     */
    private function bench(Job $job, Notebook $notebook, array $spanners = [], array $lockShifts = []): Bench
    {
        $shop = $job->shop;
        [$drivers, $wall] = $shop->wall();

        return new Bench(
            HubPatterns::find($job->pattern),
            $notebook,
            $drivers,
            $shop->press_capacity_n === null ? null : Force::newtons($shop->press_capacity_n),
            DrawBolt::from($shop->draw_bolt),
            $job->isSigned(),
            $wall,
            $shop->habits,
            $spanners,
            $lockShifts,
        );
    }
}
