<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Models\Tool;
use CleanRace\Core\Hub\Ask;
use CleanRace\Core\Hub\Patterns\Patterns;
use CleanRace\Core\Hub\Places;
use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Notebook;
use CleanRace\Core\Tooling\Bench;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Tooling\Tool as CoreTool;
use CleanRace\Core\Verdict\Limits;

/** Sets a job out before the core: its hub, its notebook, the shop's tools. Made for one job at a time. */
final class Workbench
{
    /** @var ?list<CoreTool> */
    private ?array $tools = null;

    public function __construct(private readonly Limits $limits)
    {
    }

    public function report(Job $job, Notebook $notebook): JobReport
    {
        return (new WheelJob($this->limits))->report($this->bench($job, $notebook));
    }

    /** What is asked at a place of this job, or null when nothing is. */
    public function ask(Job $job, Notebook $notebook, string $place): ?Ask
    {
        if (str_starts_with($place, Places::word(''))) {
            return Ask::text($place, 'Why it may go');
        }
        $ringSide = $notebook->value(Places::RING_SIDE);
        $plain = new Notebook($ringSide === null ? [] : [Places::RING_SIDE => ['value' => $ringSide, 'instrument' => null]]);

        return (new WheelJob($this->limits))->ask($this->bench($job, $plain), $place);
    }

    private function bench(Job $job, Notebook $notebook): Bench
    {
        $shop = $job->shop;
        $this->tools ??= Tool::wall($job->shop_id);

        return new Bench(
            Patterns::find($job->pattern), $notebook, $this->tools,
            $shop->press_capacity_n === null ? null : Force::newtons($shop->press_capacity_n), DrawBolt::from($shop->draw_bolt), $job->isSigned(),
        );
    }
}
