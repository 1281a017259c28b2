<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Steps;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Steps\Status;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** When a step is done, and how far a station is. */
final class StepTest extends TestCase
{
    /** @param  array<string, array<string, mixed>>  $entries */
    private static function notebook(array $entries = []): Notebook
    {
        return new Notebook(array_map(static fn (array $value): array => ['value' => $value, 'instrument' => null], $entries));
    }

    private static function sleeve(): Part
    {
        return Part::of(PartKind::Sleeve, Side::Middle, 'Spacer tube', ['bore' => 20.3, 'outside' => 26, 'length' => 57.6]);
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
        $judged = static fn (Level $level): Step => Step::of('s', 'S')
            ->asking($ask)
            ->judged(Verdict::of($level, Message::of('k', 'K'), Message::of('k', 'K')));
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

    public function test_what_stops_is_said_first_and_the_rest_in_its_order(): void
    {
        $of = static fn (string $level, string $key): Verdict => Verdict::{$level}(Message::plain($key), Message::plain($key));
        $step = Step::of('x', 'X', 'X')
            ->judged($of('go', 'a'), null, $of('care', 'b'))
            ->judged($of('stop', 'c'), $of('go', 'd'), $of('stop', 'e'));
        self::assertSame(['c', 'e', 'a', 'b', 'd'], array_map(static fn (Verdict $v): string => $v->headline->key, $step->verdicts));
    }
}
