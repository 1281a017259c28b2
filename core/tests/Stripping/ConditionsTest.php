<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Stripping;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Stripping\LookSteps;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tests\Job\FindsStep;
use CleanRace\Core\Tests\Job\WorksJobs;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is the matter with a hub, and how its take-down and its assembly change with it. */
final class ConditionsTest extends TestCase
{
    use FindsStep;
    use WorksJobs;

    /** @return iterable<string, array{?string, ?Level}> the balls of a bearing that usually has eight */
    public static function balls(): iterable
    {
        yield 'nobody counted' => [null, null];
        yield 'no number first' => ['a few', null];
        yield 'one fewer than usual' => ['7', Level::Go];
        yield 'as many' => ['8 of 7.9', Level::Go];
        yield 'one more' => ['9', Level::Go];
        yield 'two fewer' => ['6', Level::Care];
        yield 'two more' => ['10, two sizes', Level::Care];
    }

    #[DataProvider('balls')]
    public function test_balls_that_were_collected_are_held_against_the_usual_number(?string $said, ?Level $level): void
    {
        self::assertSame($level, LookSteps::counted($said, 8)?->level);
    }

    public function test_which_one_burst_is_asked_and_only_that_one_is_rebuilt(): void
    {
        $burst = ['strip.condition' => ['choices' => ['burst']], 'strip.heat' => ['choice' => 'warm']];
        $places = array_map(static fn ($ask): string => $ask->place, self::step(self::job('pair-sleeve', $burst), 'strip.plan')->asks);
        self::assertContains('strip.burst.which', $places);
        self::assertNotContains(
            'strip.burst.which',
            array_map(static fn ($ask): string => $ask->place, self::step(self::job('single-ring', $burst), 'strip.plan')->asks),
            'there is but one',
        );
        $at = static function (string $which, string $bearing) use ($burst): bool {
            $ids = array_keys(self::steps(self::job('pair-sleeve', $burst + ['strip.burst.which' => ['choice' => $which]])));
            $out = array_search('strip.burst_out', $ids, true);

            return $out !== false && array_search($bearing, $ids, true) - $out <= 2 && array_search($bearing, $ids, true) > $out;
        };
        self::assertTrue($at('right', 'strip.bearing_right'));
        self::assertTrue($at('left', 'strip.bearing_left'));
        self::assertFalse($at('left', 'strip.bearing_right'));
    }

    public function test_a_burst_ring_is_rebuilt_and_the_puller_tight_before_the_heat(): void
    {
        $job = self::job('single-ring', ['strip.condition' => ['choices' => ['burst']], 'strip.heat' => ['choice' => 'warm']]);
        $ids = array_keys(self::steps($job));
        $order = array_values(array_intersect($ids, ['strip.burst', 'strip.burst_out', 'strip.warm', 'strip.bearing']));
        self::assertSame(['strip.burst', 'strip.burst_out', 'strip.warm', 'strip.bearing'], $order);
        self::assertNotContains('strip.crescent', $ids);
    }

    public function test_each_bearing_has_its_own_heat_out_and_in(): void
    {
        $warm = ['strip.heat' => ['choice' => 'warm'], 'seat.warmed' => ['choice' => 'warm']];
        $again = '/warmed again first/';
        $job = self::job('pair-sleeve', $warm);
        self::assertDoesNotMatchRegularExpression($again, English::of(self::step($job, 'strip.bearing_right')->detail));
        self::assertMatchesRegularExpression($again, English::of(self::step($job, 'strip.bearing_left')->detail));
        self::assertDoesNotMatchRegularExpression($again, English::of(self::step($job, 'seat.left.start')->detail));
        self::assertMatchesRegularExpression($again, English::of(self::step($job, 'seat.right.start')->detail));
        $cold = self::job('pair-sleeve', ['strip.heat' => ['choice' => 'cold'], 'seat.warmed' => ['choice' => 'cold']]);
        self::assertDoesNotMatchRegularExpression($again, English::of(self::step($cold, 'strip.bearing_left')->detail));
        self::assertDoesNotMatchRegularExpression($again, English::of(self::step($cold, 'seat.right.start')->detail));
    }

    public function test_the_second_bearing_is_told_what_the_hub_stands_on(): void
    {
        $job = self::job('pair-sleeve');
        self::assertStringContainsString('The hub turned over', English::of(self::step($job, 'seat.right.start')->detail));
        self::assertStringNotContainsString('The hub turned over', English::of(self::step($job, 'seat.left.start')->detail));
    }

    public function test_tight_end_spacers_are_driven_out_from_across_and_in_over_a_held_ring(): void
    {
        $job = self::job('pair-sleeve', ['strip.condition' => ['choices' => ['tight_spacers']]]);
        self::assertStringContainsString('from across', English::of(self::step($job, 'strip.spacers')->title));
        foreach (['left', 'right'] as $side) {
            self::assertStringContainsString('tube', English::of(self::step($job, "set.spacer_$side")->tool));
        }
        self::assertArrayNotHasKey('set.spacer_left', self::steps(self::job('pair-sleeve')));
        foreach (['single-ring', 'knuckle-wide', 'cup-cone'] as $other) {
            $options = self::step(self::job($other), 'strip.plan')->asks;
            $values = array_merge(...array_map(static fn ($ask): array => array_column($ask->options, 'value'), $options));
            self::assertNotContains('tight_spacers', $values, $other);
        }
    }

    public function test_a_seized_nut_is_warmed_by_itself(): void
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            $bench = self::bench($id);
            $nuts = $bench->hub->stack->ofKind(PartKind::LockNut, PartKind::CastleNut);
            if ($nuts === [] || ! $pattern->card()->sure) {
                continue;
            }
            $said = static fn (array $entries): int => count(
                array_filter(
                    self::steps(self::job($id, $entries)),
                    static fn ($step): bool => str_contains(English::of($step->detail), 'the nut alone is warmed'),
                ),
            );
            self::assertGreaterThan(0, $said(['strip.condition' => ['choices' => ['seized']]]), $id);
            self::assertSame(0, $said([]), $id);
        }
    }

    public function test_tools_that_a_bicycle_needs_are_on_its_list(): void
    {
        $tools = static fn (string $pattern, array $entries = []): array => array_column(self::job($pattern, $entries)->tools, 'tool');
        self::assertContains('Cone spanner', $tools('cup-cone'));
        self::assertContains('Cap spanner', $tools('pair-tube-axle'));
        self::assertContains('Chain whip', $tools('pair-tube-axle', ['check.fittings' => ['choices' => ['cassette']]]));
        self::assertNotContains('Chain whip', $tools('pair-tube-axle'));
        self::assertContains('Freewheel remover', $tools('cup-cone', ['check.fittings' => ['choices' => ['freewheel']]]));
    }

    public function test_a_hub_of_cups_is_taken_apart_as_what_it_is(): void
    {
        $strip = static fn (array $entries): array => array_values(
            preg_grep(
                '/^strip\.(cones|cups|bearing_left|bearing_right|sleeve)$/',
                array_keys(self::steps(self::job('cup-cone-conversion', $entries))),
            ) ?: [],
        );
        $cartridges = ['strip.bearing_left', 'strip.sleeve', 'strip.bearing_right'];
        self::assertSame(['strip.cones', 'strip.cups'], $strip([]));
        self::assertSame(['strip.cones', 'strip.cups'], $strip(['hub.now' => ['choice' => 'cups']]));
        self::assertSame($cartridges, $strip(['hub.now' => ['choice' => 'cartridges']]));
        $laid = ['part.bearing_left' => ['state' => 'on_tray', 'condition' => 'replace', 'order' => 1]];
        self::assertSame($cartridges, $strip($laid), 'whoever laid one down had it in the hub');
        foreach (self::step(self::job('cup-cone-conversion'), 'check.rock')->asks as $ask) {
            self::assertStringStartsNotWith('check.inner', $ask->place, 'cups have no inner ring to turn');
        }
        foreach (['bearing_left', 'sleeve', 'bearing_right'] as $part) {
            $asked = array_map(
                static fn ($a): string => $a->place,
                array_merge(...array_map(static fn ($s): array => $s->asks, array_values(self::steps(self::job('cup-cone-conversion'))))),
            );
            self::assertContains("part.$part", $asked, 'it goes in all the same');
        }
    }

    public function test_what_is_seized_on_a_spindle_is_freed_once_the_hub_is_off(): void
    {
        $at = static function (string $hub): int {
            $ids = array_keys(self::steps(self::job($hub, ['strip.condition' => ['choices' => ['seized']]])));

            return array_search('strip.seized', $ids, true) <=> array_search('strip.axle', $ids, true);
        };
        self::assertSame(1, $at('taper-pair'), 'the spindle stays');
        self::assertSame(-1, $at('live-carrier'), 'the shaft has to move');
        self::assertSame(-1, $at('cup-cone'));
    }

    public function test_the_tube_that_a_hub_of_cups_never_had_is_on_the_list(): void
    {
        $seats = [
            'size.cup_seat_left' => ['mm' => 34.2],
            'size.cup_seat_right' => ['mm' => 34.2],
            'size.axle_diameter' => ['mm' => 11.9],
            'size.cup_seat_depth' => ['mm' => 10],
            'size.ledge_span' => ['mm' => 50],
            'size.left.number' => ['text' => '6201 2RS'],
        ];
        $asked = static fn (array $entries): array => array_map(
            static fn ($line): string => English::of($line->what).': '.English::of($line->askFor),
            self::job('cup-cone-conversion', $entries)->toBuy,
        );
        self::assertContains('Made spacer tube: Tube over the axle; its length is taken in place', $asked([]));
        self::assertContains('Made spacer tube: Turned: 16.20 mm outside, 12.00 mm bore, 50.05 mm long', $asked($seats));
        self::assertSame([], preg_grep('/Made spacer tube/', $asked($seats + ['hub.now' => ['choice' => 'cartridges']])));
    }
}
