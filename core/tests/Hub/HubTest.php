<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Hub;

use CleanRace\Core\Hub\Drawing\Piece;
use CleanRace\Core\Hub\Drawing\Standing;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Tray;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Hub;
use CleanRace\Core\Patterns\Hubs\PairSleeve;
use CleanRace\Core\Patterns\HubSizes;
use CleanRace\Core\Patterns\Patterns;
use CleanRace\Core\Patterns\SectionMaker;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Steps\Status;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Written;
use OutOfBoundsException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HubTest extends TestCase
{
    /** @param  array<string, array<string, mixed>>  $entries */
    private static function notebook(array $entries = []): Notebook
    {
        return new Notebook(array_map(static fn (array $value): array => ['value' => $value, 'instrument' => null], $entries));
    }

    public function test_patterns_are_found_by_their_id(): void
    {
        self::assertSame('pair-sleeve', Patterns::find('pair-sleeve')->id());
        $this->expectException(OutOfBoundsException::class);
        Patterns::find('nothing');
    }

    /** @return iterable<string, array{?string, list<string>, Side}> */
    public static function rings(): iterable
    {
        yield 'not said' => [null, ['snap_ring_left'], Side::Left];
        yield 'left' => ['left', ['snap_ring_left'], Side::Left];
        yield 'right' => ['right', ['snap_ring_right'], Side::Right];
        yield 'both' => ['both', ['snap_ring_left', 'snap_ring_right'], Side::Left];
        yield 'none' => ['none', [], Side::Left];
    }

    /** @param  list<string>  $rings */
    #[DataProvider('rings')]
    public function test_the_side_with_the_ring_goes_first(?string $said, array $rings, Side $first): void
    {
        $pattern = new PairSleeve;
        $notebook = self::notebook($said === null ? [] : ['check.ring_side' => ['choice' => $said]]);
        $found = array_map(static fn (Part $p): string => $p->id, Hub::of($pattern, $notebook)->stack->ofKind(PartKind::SnapRing));
        self::assertSame($rings, $found);
        self::assertSame($first, $pattern->firstSide($notebook));
        self::assertStringContainsString($rings === [] ? 'ledge' : 'snap ring', $pattern->firstSideReason($notebook));
    }

    public function test_sizes_are_usual_until_they_are_measured(): void
    {
        $sizes = static fn (array $entries): HubSizes => HubSizes::of(Hub::of(new PairSleeve, self::notebook($entries)), self::notebook($entries));
        $usual = $sizes([]);
        self::assertSame('6204', $usual->left->number);
        self::assertSame([], $usual->measured);
        $read = $sizes(['size.left.number' => ['text' => '6301 2RS'], 'size.over_faces' => ['mm' => 88.0], 'size.ledge_depth' => ['mm' => 20.0], 'size.sleeve_length' => ['mm' => 47.9]]);
        self::assertSame(['6301', '6301'], [$read->left->number, $read->right->number]);
        self::assertEqualsWithDelta(88 - 20 - 47.9 - 12, $read->secondRest()->mm, 1e-9);
        self::assertSame(['over_faces', 'ledge_depth', 'sleeve_length'], $read->measured);
    }

    public function test_a_number_that_cannot_be_read_does_not_break_the_drawing(): void
    {
        $notebook = self::notebook(['size.left.number' => ['text' => 'rust']]);
        self::assertSame('6204', HubSizes::of(Hub::of(new PairSleeve, $notebook), $notebook)->left->number);
    }

    /**
     * @param  array<string, array<string, mixed>>  $entries
     * @param  array<string, Standing>  $standing
     * @return array<string, Piece>
     */
    private static function shapes(array $entries = [], array $standing = []): array
    {
        $notebook = self::notebook($entries);
        $hub = Hub::of(new PairSleeve, $notebook);
        $pieces = (new SectionMaker($hub, Tray::of($hub->stack, $notebook), $notebook))->section($standing)->pieces;

        return array_combine(array_map(static fn (Piece $p): string => $p->part, $pieces), $pieces);
    }

    public function test_the_section_lies_as_the_hub_does(): void
    {
        $at = self::shapes();
        self::assertEqualsWithDelta($at['bearing_left']->to->mm, $at['sleeve']->from->mm, 1e-9, 'the sleeve rests on the first inner ring');
        self::assertEqualsWithDelta($at['sleeve']->to->mm, $at['bearing_right']->from->mm, 1e-9, 'and the second on the sleeve');
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

    public function test_the_tray_knows_what_lies_on_it(): void
    {
        $notebook = self::notebook(['part.sleeve' => ['state' => 'on_tray', 'condition' => 'use', 'way_round' => 'either way', 'order' => 3], 'part.axle' => ['state' => 'fitted']]);
        $tray = Tray::of(Hub::of(new PairSleeve, $notebook)->stack, $notebook);
        self::assertSame(['sleeve'], array_map(static fn ($i): string => $i->part, $tray->left()));
        self::assertSame([PartState::Fitted, PartState::InPlace, PartState::InPlace], [$tray->state('axle'), $tray->state('bearing_left'), $tray->state('no such part')]);
        self::assertSame(['use', 'either way', 3], [$tray->find('sleeve')?->condition, $tray->find('sleeve')?->wayRound, $tray->find('sleeve')?->order]);
    }

    private static function sleeve(): Part
    {
        return Part::of(PartKind::Sleeve, Side::Middle, 'Sleeve', ['bore' => 20.3, 'outside' => 26, 'length' => 57.6]);
    }

    public function test_a_step_is_done_when_what_it_wants_is_entered(): void
    {
        $step = Step::of('s', 'S')->asking(Ask::text('a', 'A'), Ask::text('b', 'B', wanted: false));
        self::assertFalse(self::report($step, [])->steps[0]->done);
        self::assertFalse(self::report($step, ['b' => ['text' => 'x']])->steps[0]->done);
        self::assertTrue(self::report($step, ['a' => ['text' => 'x']])->steps[0]->done);
    }

    public function test_a_step_that_wants_nothing_is_done_once_something_of_its_own_is_entered(): void
    {
        $step = Step::of('s', 'S')->asking(Ask::text('a', 'A', wanted: false), Ask::text('b', 'B')->borrowed());
        self::assertFalse(self::report($step, ['b' => ['text' => 'x']])->steps[0]->done, 'asked elsewhere too');
        self::assertTrue(self::report($step, ['a' => ['text' => 'x']])->steps[0]->done);
    }

    public function test_a_part_counts_only_when_it_is_where_the_step_wants_it(): void
    {
        $fit = Step::of('s', 'S')->asking(Ask::part(self::sleeve(), PartState::Fitted));
        self::assertFalse(self::report($fit, ['part.sleeve' => ['state' => 'on_tray']])->steps[0]->done);
        self::assertTrue(self::report($fit, ['part.sleeve' => ['state' => 'fitted']])->steps[0]->done);
    }

    /** @return iterable<string, array{Step, array<string, array<string, mixed>>, Status}> */
    public static function statuses(): iterable
    {
        $ask = Ask::text('a', 'A');
        $judged = static fn (Level $level): Step => Step::of('s', 'S')->asking($ask)->judged(Verdict::of($level, Message::of('k', 'K'), Message::of('k', 'K')));
        $entered = ['a' => ['text' => 'x']];
        yield 'untouched' => [Step::of('s', 'S')->asking($ask), [], Status::Untouched];
        yield 'under way' => [Step::of('s', 'S')->asking($ask, Ask::text('b', 'B')), $entered, Status::UnderWay];
        yield 'settled' => [$judged(Level::Go), $entered, Status::Settled];
        yield 'care' => [$judged(Level::Care), $entered, Status::Care];
        yield 'stop' => [$judged(Level::Stop), $entered, Status::Stop];
        yield 'a stop that is only advice' => [$judged(Level::Stop)->advice(), $entered, Status::Settled];
        yield 'a care where only stops hold' => [$judged(Level::Care)->holdingStopsOnly(), $entered, Status::Settled];
        yield 'a stop where only stops hold' => [$judged(Level::Stop)->holdingStopsOnly(), $entered, Status::Stop];
    }

    /** @param  array<string, array<string, mixed>>  $entries */
    #[DataProvider('statuses')]
    public function test_a_station_says_how_far_it_is(Step $step, array $entries, Status $status): void
    {
        self::assertSame($status, self::report($step, $entries)->status);
    }

    /** @param  array<string, array<string, mixed>>  $entries */
    private static function report(Step $step, array $entries): StationReport
    {
        return StationReport::of(Station::Seat, [$step], self::notebook($entries));
    }

    public function test_words_fill_in_and_keep_their_quantities(): void
    {
        $message = Message::of('k', 'It stands {tilt} proud at {clock}.', ['tilt' => Length::mm(0.6), 'clock' => Written::of('12')]);
        self::assertSame('It stands 0.60 mm proud at 12.', $message->inEnglish());
        self::assertInstanceOf(Length::class, $message->values['tilt']);
        self::assertSame('0.5000 mm', Message::shown(Length::mm(0.5), 4));
        self::assertSame(Level::Stop, Level::Care->worse(Level::Stop));
        self::assertSame(Instrument::DepthCaliper, Ask::depth('d', 'D')->instrument);
    }
}
