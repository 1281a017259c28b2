<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Setting\Plan;

use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Place;
use CleanRace\Core\Notebook\PlaceTable;
use CleanRace\Core\Patterns\Fastener;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\HubPlaces;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tests\Job\FindsStep;
use CleanRace\Core\Tests\Job\WorksJobs;
use PHPUnit\Framework\TestCase;

/** Nuts and bolts that somebody names beside those of such hubs are tightened like them. */
final class OwnFastenersTest extends TestCase
{
    use FindsStep;
    use WorksJobs;

    private const NAMED = ['check.fasteners' => ['text' => ' guard bolt, , mirror {stay},']];

    public function test_each_has_a_step_with_its_figure(): void
    {
        $steps = self::steps(self::job('pair-sleeve', self::NAMED));
        self::assertSame('Tighten guard bolt', English::of($steps['set.own_1']->title));
        self::assertSame('Tighten mirror stay', English::of($steps['set.own_2']->title));
        self::assertArrayNotHasKey('set.own_3', $steps);
        self::assertArrayNotHasKey('set.own_1', self::steps(self::job('pair-sleeve')));
        self::assertContains('fastener.own_1.torque', array_map(static fn ($a): string => $a->place, $steps['set.own_1']->asks));
    }

    public function test_what_is_entered_of_one_is_taken(): void
    {
        $places = new HubPlaces(HubPatterns::find('pair-sleeve'), new Notebook([]));
        $has = static fn (string $address): bool => ($place = PlaceTable::find($address)) instanceof Place && $places->has($place);
        self::assertTrue($has('fastener.own_1.torque'));
        self::assertTrue($has('fastener.own_8.torque'));
        self::assertFalse($has('fastener.own_9.torque'));
        self::assertFalse($has('fastener.blade_nut.torque'), 'another hub has that');
    }

    public function test_no_more_than_any_machine_needs(): void
    {
        $notebook = self::bench('spindle', ['check.fasteners' => ['text' => implode(',', range('a', 'm'))]])->notebook;
        $pattern = HubPatterns::find('spindle');
        self::assertCount(8 + count($pattern->fasteners()), Fastener::of($pattern, $notebook));
    }

    public function test_the_last_turn_is_on_the_ground_where_a_wheel_carries(): void
    {
        $ground = static fn (string $hub, string $step): bool => str_contains(
            English::of(self::step(self::job($hub), $step)->detail),
            'wheel on the ground',
        );
        self::assertTrue($ground('taper-pair', 'set.hub_cap'));
        self::assertTrue($ground('pair-sleeve', 'set.axle_nut'));
        self::assertFalse($ground('pair-sleeve', 'set.pinch_bolts'));
    }

    public function test_a_machine_may_lack_any_of_them(): void
    {
        $sources = static fn (string $step): array => array_merge(
            ...array_map(static fn ($a): array => array_column($a->options, 'value'), self::step(self::job('knuckle-wide'), $step)->asks),
        );
        foreach (['set.axle_nut', 'set.joints', 'set.wheel_nuts'] as $step) {
            self::assertContains('absent', $sources($step), $step);
        }
        $none = ['part.lock_nut_left' => ['state' => 'not_there']];
        self::assertArrayHasKey('set.lock_nut_left', self::steps(self::job('cup-cone')));
        self::assertArrayNotHasKey('set.lock_nut_left', self::steps(self::job('cup-cone', $none)), 'it has no such nut');
        self::assertArrayHasKey('set.lock_nut_right', self::steps(self::job('cup-cone', $none)));
    }
}
