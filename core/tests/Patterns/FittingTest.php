<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Patterns;

use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Fitting;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\HubRole;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tests\Job\FindsStep;
use CleanRace\Core\Tooling\DrawBolt;
use PHPUnit\Framework\TestCase;

/** Chain, sprocket, disc, sensor, freewheel, skewer: there on some machines, off before and back after. */
final class FittingTest extends TestCase
{
    use FindsStep;

    public function test_a_machine_is_asked_only_for_what_it_may_have(): void
    {
        $of = static fn (string $id): array => array_column(Fitting::possible(HubPatterns::find($id)), 'name');
        self::assertContains('chain', $of('pair-sleeve'));
        self::assertNotContains('freewheel', $of('pair-sleeve'));
        self::assertContains('freewheel', $of('cup-cone'));
        self::assertNotContains('cassette', $of('cup-cone'));
        foreach (['pair-axle-shoulder', 'pair-tube-axle'] as $id) {
            self::assertNotContains('freewheel', $of($id), 'it has a freehub, and sprockets on it');
            self::assertContains('cassette', $of($id));
            self::assertContains('rotor', $of($id));
        }
        foreach (HubPatterns::all() as $id => $pattern) {
            if ($pattern->card()->role !== HubRole::Wheel) {
                self::assertSame([], $of($id), "$id is no wheel");
            }
        }
    }

    public function test_nothing_is_asked_of_what_is_not_there(): void
    {
        $ids = array_keys(self::steps($this->job('pair-sleeve', [])));
        self::assertSame([], preg_grep('/fittings/', $ids));
    }

    public function test_some_come_off_before_the_wheel_moves_and_some_off_the_wheel_and_all_go_back_in_their_turn(): void
    {
        $steps = self::steps($this->job('pair-sleeve', ['sensor', 'chain', 'sprocket', 'disc']));
        $ids = array_keys($steps);
        $at = static fn (string $id): int => (int) array_search($id, $ids, true);
        self::assertLessThan($at('strip.axle'), $at('strip.fittings'));
        self::assertGreaterThan($at('strip.spacers'), $at('strip.fittings_wheel'));
        self::assertLessThan($at('strip.seals'), $at('strip.fittings_wheel'));
        self::assertSame(['fitting.sensor.off', 'fitting.chain.off'], $this->places($steps['strip.fittings']));
        self::assertSame(['fitting.sprocket.off', 'fitting.disc.off'], $this->places($steps['strip.fittings_wheel']));
        self::assertLessThan($at('set.axle'), $at('set.fittings_wheel'));
        self::assertGreaterThan($at('set.axle'), $at('set.fittings_machine'));
        self::assertLessThan($at('set.axle_nut'), $at('set.fittings_machine'));
        self::assertGreaterThan($at('set.caliper_bolts'), $at('set.fittings_last'));
    }

    public function test_what_sits_on_a_shaft_is_off_before_the_shaft_slides_out(): void
    {
        $steps = self::steps($this->job('live-carrier', ['disc', 'sprocket']));
        $ids = array_keys($steps);
        self::assertLessThan(array_search('strip.axle', $ids, true), array_search('strip.fittings', $ids, true));
        self::assertArrayNotHasKey('strip.fittings_wheel', $steps);
        self::assertGreaterThan(array_search('set.axle', $ids, true), array_search('set.fittings_machine', $ids, true));
    }

    public function test_what_stops_a_wheel_is_never_back_with_one_tap_for_all(): void
    {
        $job = $this->job('pair-sleeve', ['sprocket', 'disc', 'brake_plate']);
        $back = self::steps($job)['set.fittings_wheel'];
        $usual = [];
        foreach ($back->asks as $ask) {
            $usual[$ask->place] = $ask->usual() !== null;
        }
        self::assertSame(['fitting.sprocket.back' => true, 'fitting.disc.back' => false, 'fitting.brake_plate.back' => false], $usual);
    }

    public function test_what_was_noted_before_is_met_again_when_it_goes_back(): void
    {
        $job = $this->job('pair-sleeve', ['chain'], ['fitting.chain.before' => ['text' => '25 mm, mid-run']]);
        self::assertContains('fitting.chain.before', $this->places(self::steps($job)['check.capture']));
        self::assertSame('Chain before: 25 mm, mid-run.', English::of(self::steps($job)['set.fittings_machine']->find));
    }

    public function test_what_came_off_and_is_not_back_is_not_signed_for(): void
    {
        $what = fn (array $entries): array => preg_grep(
            '/is not back/',
            array_map(static fn ($b): string => English::of($b->what), $this->job('pair-sleeve', ['disc'], $entries)->blocks),
        ) ?: [];
        self::assertSame([], $what([]));
        self::assertSame(['Brake disc is not back'], array_values($what(['fitting.disc.off' => ['done' => true]])));
        self::assertSame([], $what(['fitting.disc.off' => ['done' => true], 'fitting.disc.back' => ['done' => true]]));
    }

    /** @return list<string> */
    private function places(Step $step): array
    {
        return array_values(
            array_filter(
                array_map(static fn (Ask $a): string => $a->place, $step->asks),
                static fn (string $place): bool => str_starts_with($place, 'fitting.'),
            ),
        );
    }

    /**
     * @param  list<string>  $there
     * @param  array<string, array<string, mixed>>  $entries
     */
    private function job(string $pattern, array $there, array $entries = []): JobReport
    {
        $all = ['check.fittings' => ['choices' => $there]] + $entries;
        $notebook = new Notebook(array_map(static fn (array $v): array => ['value' => $v, 'instrument' => null], $all));

        return (new WheelJob(Limits::standard()))->report(new Bench(HubPatterns::find($pattern), $notebook, [], null, DrawBolt::M12));
    }
}
