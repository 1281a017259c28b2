<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use CleanRace\Core\Hub\Ask;
use CleanRace\Core\Hub\Pattern;
use CleanRace\Core\Hub\Patterns;
use CleanRace\Core\Hub\Places;
use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Notebook;
use CleanRace\Core\Seating\DepthRound;
use CleanRace\Core\Seating\PressSetup;
use CleanRace\Core\Seating\SeatingTrendResult;
use CleanRace\Core\Sourcing\CustomerWord;
use CleanRace\Core\Tooling\Bench;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Verdict\Limits;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** Sets a job out before the core: its hub, its notebook, the shop's tools. */
final readonly class Workbench
{
    /** What decides which things are asked: the hub as it is, and the way it comes apart. */
    private const SHAPES = [Places::RING_SIDE, Places::HUB, 'strip.condition', 'strip.way', 'strip.heat'];

    public function __construct(private Limits $limits)
    {
    }

    /** @param  array<string, string>  $spanners what last time was noted of this machine's fasteners, by place */
    public function report(Job $job, Notebook $notebook, array $spanners = []): JobReport
    {
        return (new WheelJob($this->limits))->report($this->bench($job, $notebook, $spanners, LockShiftsHere::before($job)));
    }

    /** What is asked at a place of this job, or null when nothing is. */
    public function ask(Job $job, Notebook $notebook, string $place): ?Ask
    {
        if (str_starts_with($place, Places::word(''))) {
            return Ask::text($place, 'Why it may go');
        }
        if ($place === Places::HUB) {
            return Ask::stack();
        }
        if ($place === Places::AS_FOUND) {
            return Ask::tick($place, 'Keep it as found');
        }

        // A rough face is asked for as a reference set once it is said to be rough.
        return (new WheelJob($this->limits))->ask($this->bench($job, $notebook->only([...self::SHAPES, ...self::deciding($place)])), $place);
    }

    /** @throws ModelNotFoundException when the hub of this job has no such seat */
    public function pressSetup(Job $job, Notebook $notebook, string $seat): PressSetup
    {
        return (new WheelJob($this->limits))->pressSetup($this->bench($job, $notebook), $seat) ?? throw new ModelNotFoundException;
    }

    /**
     * @param  list<DepthRound>  $rounds
     *
     * @throws ModelNotFoundException when the hub of this job has no such seat
     */
    public function trend(Job $job, Notebook $notebook, string $seat, array $rounds): SeatingTrendResult
    {
        return (new WheelJob($this->limits))->trend($this->bench($job, $notebook), $seat, $rounds) ?? throw new ModelNotFoundException;
    }

    /** @return list<string> places whose answers decide whether this one is asked */
    private static function deciding(string $place): array
    {
        return match (true) {
            preg_match('/^(seat\.\w+)\.ref\.\d+$/', $place, $found) === 1 => [$found[1].'.face'],
            preg_match('/^(set\.cone\.try\.)(\d+)$/', $place, $found) === 1 => [$place, $found[1].((int) $found[2] - 1)],
            str_starts_with($place, 'source.customer.') => CustomerWord::places(),
            str_starts_with($place, 'set.cone.') => ['set.cone.axle'],
            preg_match('/^(fastener\.\w+)\.(wrench_length|adapter_turned)$/', $place, $found) === 1 => [$found[1].'.adapter'],
            default => [],
        };
    }

    public function pattern(Job $job): Pattern
    {
        return Patterns::find($job->pattern);
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
            Patterns::find($job->pattern), $notebook, $drivers,
            $shop->press_capacity_n === null ? null : Force::newtons($shop->press_capacity_n), DrawBolt::from($shop->draw_bolt), $job->isSigned(),
            $wall, $shop->habits, $spanners, $lockShifts,
        );
    }
}
