<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Job;

use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tooling\DrawBolt;
use PHPUnit\Framework\TestCase;

/** A hub whose kind nobody said yet. */
final class KindFirstTest extends TestCase
{
    public function test_it_is_checked_in_and_opened_and_every_other_station_asks_for_its_kind(): void
    {
        $job = $this->job([]);
        foreach ($job->stations as $station) {
            $ids = array_map(static fn (Step $s): string => $s->id, $station->steps);
            match ($station->station) {
                Station::CheckIn => self::assertContains('check.rock', $ids),
                Station::Strip => self::assertSame(['strip.safe', 'strip.open', 'strip.kind'], $ids),
                Station::Prove => self::assertContains('prove.sign', $ids),
                default => self::assertSame([$station->station->value.'.kind'], $ids),
            };
        }
        self::assertSame(Panel::Kind, $this->station($job, Station::Size)->steps[0]->panel);
    }

    public function test_nothing_of_it_is_judged_or_bought_and_it_is_not_signed(): void
    {
        $job = $this->job([
            'size.left.number' => ['text' => '6204 2RS'],
            'fit.left.feel' => ['choice' => 'rattles'],
            'size.over_faces' => ['mm' => 104.0],
            'set.turns' => ['choice' => 'drags'],
            'strip.kind.done' => ['done' => true],
        ]);
        foreach ($job->stations as $station) {
            if (! in_array($station->station, [Station::CheckIn, Station::Prove], true)) {
                self::assertSame([], array_merge(...array_map(static fn (Step $s): array => $s->verdicts, $station->steps)));
            }
        }
        self::assertSame([[], [], []], [$job->toBuy, $job->drivers, $job->seats]);
        self::assertFalse($job->maySign);
        $blocks = array_map(static fn ($b): string => English::of($b->what), $job->blocks);
        self::assertSame(['How the hub is built is not said yet'], $blocks);
    }

    public function test_what_is_seen_of_it_is_drawn(): void
    {
        $kinds = array_map(static fn ($piece): string => $piece->kind->value, $this->job([])->section->pieces);
        self::assertSame(['housing', 'axle'], $kinds);
    }

    public function test_while_it_is_typed_the_same_is_said(): void
    {
        foreach (Station::cases() as $station) {
            $live = (new WheelJob(Limits::standard()))->live($this->bench([]), $station);
            self::assertEquals([$this->station($this->job([]), $station)], $live->stations);
        }
    }

    private function station(JobReport $job, Station $of): StationReport
    {
        return array_values(array_filter($job->stations, static fn (StationReport $s): bool => $s->station === $of))[0];
    }

    /** @param  array<string, array<string, mixed>>  $entries */
    private function job(array $entries): JobReport
    {
        return (new WheelJob(Limits::standard()))->report($this->bench($entries));
    }

    /** @param  array<string, array<string, mixed>>  $entries */
    private function bench(array $entries): Bench
    {
        $notebook = new Notebook(array_map(static fn (array $v): array => ['value' => $v, 'instrument' => null], $entries));

        return new Bench(HubPatterns::find('not-sure'), $notebook, [], null, DrawBolt::M12);
    }
}
