<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Seating\Plan;

use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Patterns\Push;
use CleanRace\Core\Seating\Plan\PressReckoning;
use CleanRace\Core\Seating\Plan\SeatDriver;
use CleanRace\Core\Seating\Plan\SeatOrder;
use CleanRace\Core\Seating\Plan\SeatTools;
use CleanRace\Core\Sizing\Plan\PressedSeat;
use CleanRace\Core\Sizing\Plan\SizingRun;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Tooling\Tool;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Tooling\WallTool;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The order of the seats of a job, what each is made with, and what is reckoned of pressing it. */
final class SeatOrderTest extends TestCase
{
    /** @param  array<string, array<string, mixed>|string>  $entries a plain text is a choice */
    private static function bench(string $pattern, array $entries = []): Bench
    {
        $notebook = new Notebook(
            array_map(
                static fn (array|string $e): array => ['value' => is_string($e) ? ['choice' => $e] : $e, 'instrument' => null],
                $entries,
            ),
        );
        $drivers = [
            new Tool('1', 'Cup', ToolKind::Cup, Length::mm(46.2), Length::mm(37), Length::mm(60)),
            new Tool('2', 'Disc', ToolKind::Disc, Length::mm(46.4), null, Length::mm(40)),
        ];
        $wall = [
            new WallTool('3', 'Ring', ToolKind::StandRing, opening: Length::mm(60), outside: Length::mm(76), length: Length::mm(90)),
        ];

        return new Bench(HubPatterns::find($pattern), $notebook, $drivers, null, DrawBolt::M12, wall: $wall);
    }

    private static function order(Bench $bench): SeatOrder
    {
        return new SeatOrder(Limits::standard(), $bench, (new SizingRun(Limits::standard()))->findings($bench));
    }

    private static function tools(Bench $bench): SeatTools
    {
        return new SeatTools(Limits::standard(), $bench, self::order($bench));
    }

    private static function reckoning(Bench $bench): PressReckoning
    {
        $findings = (new SizingRun(Limits::standard()))->findings($bench);

        return new PressReckoning(Limits::standard(), $bench, $findings, new SeatOrder(Limits::standard(), $bench, $findings));
    }

    /** @return list<string> */
    private static function keys(Bench $bench): array
    {
        return array_map(static fn (PressedSeat $s): string => $s->key, self::order($bench)->seats());
    }

    /** @return iterable<string, array{Pattern}> */
    public static function patterns(): iterable
    {
        foreach (HubPatterns::all() as $pattern) {
            yield $pattern->id() => [$pattern];
        }
    }

    public function test_the_side_that_locates_comes_first(): void
    {
        self::assertSame(['left', 'right'], self::keys(self::bench('pair-sleeve', ['check.ring_side' => 'left'])));
        self::assertSame(['right', 'left'], self::keys(self::bench('pair-sleeve', ['check.ring_side' => 'right'])));
    }

    public function test_what_is_left_in_its_place_is_no_seat_to_make(): void
    {
        $all = count(self::keys(self::bench('cup-cone')));
        self::assertCount($all - 1, self::keys(self::bench('cup-cone', ['part.cup_left' => ['state' => 'stays']])));
    }

    #[DataProvider('patterns')]
    public function test_every_seat_has_a_push_a_driver_place_and_a_reach_that_is_not_negative(Pattern $pattern): void
    {
        $bench = self::bench($pattern->id());
        [$order, $tools, $press] = [self::order($bench), self::tools($bench), self::reckoning($bench)];
        self::assertNotSame([], $order->seats());
        foreach ($order->seats() as $seat) {
            self::assertGreaterThanOrEqual(0.0, $order->reach($seat)->mm);
            self::assertStringStartsWith('seat.', $tools->driverPlace($seat));
            // On its own shaft the inner ring is pushed, in its bore the outer one; both only where a pattern says so.
            self::assertNotSame(
                $seat->seat === RingSeat::Bore ? Push::Inner : Push::Outer,
                $order->push($seat),
                "$seat->key of {$pattern->id()}",
            );
            $setup = $press->setup($seat->key);
            self::assertNotNull($setup);
            self::assertGreaterThanOrEqual($setup->grip->mm, $setup->home->mm, 'it grips before it is home');
            self::assertLessThanOrEqual($setup->high->newtons, $setup->low->newtons);
        }
        self::assertNull($press->setup('nowhere'));
    }

    #[DataProvider('patterns')]
    public function test_each_seat_is_named_by_one_driver(Pattern $pattern): void
    {
        $bench = self::bench($pattern->id());
        $parts = array_merge(...array_map(static fn (SeatDriver $d): array => $d->parts, self::tools($bench)->drivers()));
        self::assertEqualsCanonicalizing(
            array_map(static fn (PressedSeat $s): string => $s->part->id, self::order($bench)->seats()),
            $parts,
        );
    }

    public function test_seats_of_one_size_share_a_driver_and_the_choice_holds_for_both(): void
    {
        $bench = self::bench('pair-sleeve', ['seat.driver' => '2']);
        [$left, $right] = self::order($bench)->seats();
        $tools = self::tools($bench);
        self::assertSame($tools->driverPlace($left), $tools->driverPlace($right));
        self::assertSame(['2', '2'], [$tools->chosenDriver($left)?->id, $tools->chosenDriver($right)?->id]);
        self::assertSame('1', self::tools(self::bench('pair-sleeve'))->chosenDriver($left)?->id, 'the best when nobody chose');
        self::assertNull(
            self::tools(self::bench('pair-sleeve', ['seat.driver' => '99']))->chosenDriver($left),
            'a tool that hangs there no more',
        );
    }

    public function test_a_pair_knows_its_second_and_its_span(): void
    {
        $measured = self::bench('pair-sleeve', [
            'check.ring_side' => 'left',
            'size.over_faces' => ['mm' => 104.0],
            'size.ledge_depth' => ['mm' => 23.2],
            'seat.right.ledge' => ['mm' => 23.1],
        ]);
        $order = self::order($measured);
        [$left, $right] = $order->seats();
        self::assertSame(
            [true, false, false, true],
            [
                $order->isFirstOfPair($left),
                $order->isFirstOfPair($right),
                $order->isSecondOfPair($left),
                $order->isSecondOfPair($right),
            ],
        );
        self::assertEqualsWithDelta(57.7, (float) $order->span()?->value->mm, 1e-9);
        self::assertGreaterThan(
            (float) $order->ledge($left)?->halfWidth->mm,
            (float) $order->span()?->halfWidth->mm,
            'three readings are less sure than one',
        );
        self::assertNull(self::order(self::bench('pair-sleeve'))->span());
        self::assertEqualsWithDelta(
            57.6,
            (float) self::order(self::bench('pair-sleeve', ['size.ledge_span' => ['mm' => 57.6]]))->span()?->value->mm,
            1e-9,
        );
        self::assertNull(self::order(self::bench('taper-pair'))->secondOfPair());
    }

    public function test_the_hub_stands_on_what_hangs_on_the_wall(): void
    {
        $bench = self::bench('pair-sleeve');
        $support = self::tools($bench)->support(self::order($bench)->seats()[0]);
        self::assertStringContainsString('Ring', $support->verdict->headline->inEnglish());
    }
}
