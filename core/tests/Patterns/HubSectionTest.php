<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Patterns;

use CleanRace\Core\Hub\Drawing\Piece;
use CleanRace\Core\Hub\Drawing\Standing;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\Tray;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Hub;
use CleanRace\Core\Patterns\Hubs\PairSleeve;
use CleanRace\Core\Patterns\HubSizes;
use CleanRace\Core\Patterns\SectionMaker;
use PHPUnit\Framework\TestCase;

/** The half-section of a filled hub. */
final class HubSectionTest extends TestCase
{
    /** @param  array<string, array<string, mixed>>  $entries */
    private static function notebook(array $entries = []): Notebook
    {
        return new Notebook(array_map(static fn (array $value): array => ['value' => $value, 'instrument' => null], $entries));
    }

    public function test_a_number_that_cannot_be_read_does_not_break_the_drawing(): void
    {
        $notebook = self::notebook(['size.left.number' => ['text' => 'rust']]);
        self::assertSame('6204', HubSizes::of(Hub::of(new PairSleeve(), $notebook), $notebook)->left->number);
    }

    /**
     * @param  array<string, array<string, mixed>>  $entries
     * @param  array<string, Standing>  $standing
     * @return array<string, Piece>
     */
    private static function shapes(array $entries = [], array $standing = []): array
    {
        $notebook = self::notebook($entries);
        $hub = Hub::of(new PairSleeve(), $notebook);
        $pieces = (new SectionMaker($hub, Tray::of($hub->stack, $notebook), $notebook))->section($standing)->pieces;

        return array_combine(array_map(static fn (Piece $p): string => $p->part, $pieces), $pieces);
    }

    public function test_the_section_lies_as_the_hub_does(): void
    {
        $at = self::shapes();
        self::assertEqualsWithDelta(
            $at['bearing_left']->to->mm,
            $at['sleeve']->from->mm,
            1e-9,
            'the spacer tube rests on the first inner ring',
        );
        self::assertEqualsWithDelta($at['sleeve']->to->mm, $at['bearing_right']->from->mm, 1e-9, 'and the second on the spacer tube');
        self::assertLessThanOrEqual($at['bearing_left']->from->mm, $at['snap_ring_left']->to->mm);
        self::assertLessThanOrEqual($at['snap_ring_left']->from->mm, $at['seal_left']->to->mm);
        self::assertLessThan($at['spacer_left']->from->mm, $at['axle']->from->mm);
        self::assertSame([0.0, 104.0], [$at['housing']->from->mm, $at['housing']->to->mm]);
        foreach ($at as $shape) {
            self::assertGreaterThan($shape->from->mm, $shape->to->mm, $shape->part);
            self::assertGreaterThan($shape->inner->mm, $shape->outer->mm, $shape->part);
        }
    }

    public function test_with_the_ring_on_the_right_the_section_is_mirrored(): void
    {
        $left = self::shapes();
        $right = self::shapes(['check.ring_side' => ['choice' => 'right']]);
        self::assertEqualsWithDelta(104 - $left['bearing_left']->to->mm, $right['bearing_right']->from->mm, 1e-9);
        self::assertEqualsWithDelta(104 - $left['snap_ring_left']->to->mm, $right['snap_ring_right']->from->mm, 1e-9);
    }

    public function test_a_bearing_is_drawn_where_its_depths_say_it_stands(): void
    {
        $standing = new Standing(Length::mm(3.4), Angle::degrees(0.78), Clock::read('12'));
        $at = self::shapes(['part.bearing_left' => ['state' => 'on_tray']], ['bearing_left' => $standing]);
        self::assertEqualsWithDelta(3.4, $at['bearing_left']->from->mm, 1e-9);
        self::assertSame(PartState::Fitted, $at['bearing_left']->state, 'a new one is going in');
        self::assertSame(0.78, $at['bearing_left']->tilt?->degrees);
        self::assertNull($at['bearing_right']->tilt);
    }
}
