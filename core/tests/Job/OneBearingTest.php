<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Job;

use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Tests\English;
use PHPUnit\Framework\TestCase;

/** Hubs with one bearing: pressed on a shaft that goes into its housing with it, or alone in its bore. */
final class OneBearingTest extends TestCase
{
    use FindsStep;
    use WorksJobs;

    /** @return list<string> ids of parts in the order in which they are asked for */
    private static function order(string $hub, PartState $until): array
    {
        $order = [];
        foreach (self::steps(self::job($hub)) as $step) {
            foreach ($step->asks as $ask) {
                if ($ask->kind === AskKind::Part && $ask->until === $until) {
                    $order[] = (string) $ask->part;
                }
            }
        }

        return $order;
    }

    public function test_a_shaft_is_pulled_by_its_flange_and_taken_apart_on_the_bench(): void
    {
        self::assertSame(
            [
                'seal_right',
                'snap_ring_right',
                'axle',
                'castle_nut_right',
                'washer_right',
                'hub_flange_right',
                'collar_right',
                'bearing',
            ],
            self::order('shaft-bearing', PartState::OnTray),
        );
    }

    public function test_it_goes_in_with_its_bearing_before_clip_and_seal_and_before_its_flange(): void
    {
        self::assertSame(
            [
                'bearing',
                'collar_right',
                'axle',
                'snap_ring_right',
                'seal_right',
                'hub_flange_right',
                'washer_right',
                'castle_nut_right',
            ],
            self::order('shaft-bearing', PartState::Fitted),
        );
        $steps = self::steps(self::job('shaft-bearing'));
        self::assertStringContainsString('light taps on its end, are right', English::of($steps['seat.axle']->detail));
        self::assertSame('Hub flange, washer, castle nut with pin', English::of($steps['set.axle']->title));
        foreach ($steps['set.axle']->asks as $ask) {
            self::assertNotSame('set.axle_passes', $ask->place, 'it need not slide');
        }
    }

    public function test_a_bearing_that_comes_out_in_its_own_way_is_given_no_reasons_of_another(): void
    {
        foreach (['shaft-bearing' => 'strip.bearing', 'pair-axle-shoulder' => 'strip.bearing_left'] as $hub => $id) {
            $step = self::step(self::job($hub), $id);
            self::assertStringNotContainsString('scars the bore', English::of($step->why).English::of($step->caution), $hub);
        }
        self::assertStringContainsString('scars the bore', English::of(self::step(self::job('pair-sleeve'), 'strip.bearing_left')->why));
    }

    public function test_a_shaft_is_spoken_of_as_a_shaft(): void
    {
        $first = self::step(self::job('shaft-bearing'), 'seat.first');
        self::assertStringContainsString('Shaft wiped', English::of($first->detail));
        self::assertStringNotContainsString('Bore', English::of($first->detail));
        self::assertSame('Shaft clean, upright', English::of($first->ordinary?->label));
        self::assertNull(self::step(self::job('shaft-bearing'), 'seat.bearing_shaft.home')->find, 'no groove shows on the shaft');
        self::assertStringContainsString('Bore wiped', English::of(self::step(self::job('single-ring'), 'seat.first')->detail));
    }

    public function test_one_bearing_is_not_spoken_of_as_two(): void
    {
        self::assertSame('From the inner side', English::of(self::step(self::job('knuckle-wide'), 'seat.first')->title));
        self::assertSame('From the outer side', English::of(self::step(self::job('single-ring'), 'seat.first')->title));
        self::assertSame('Set it up', English::of(self::step(self::job('shaft-bearing'), 'seat.first')->title));
        self::assertSame('Pawl side first', English::of(self::step(self::job('freehub-body'), 'seat.first')->title));
        self::assertStringNotContainsString('disc', English::of(self::step(self::job('freehub-body'), 'seat.first')->detail));
        foreach (['shaft-bearing', 'knuckle-wide', 'single-ring'] as $hub) {
            foreach (self::steps(self::job($hub)) as $step) {
                foreach ([$step->detail, $step->why] as $words) {
                    $said = English::of($words);
                    self::assertDoesNotMatchRegularExpression('/both bearings|the other is driven/', $said, "$hub, $step->id");
                }
            }
        }
        self::assertStringContainsString('both bearings', English::of(self::step(self::job('pair-sleeve'), 'seat.seals')->detail));
    }
}
