<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Setting\Plan;

use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Place;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Setting\Cones\ConeFelt;
use CleanRace\Core\Setting\Cones\ConeStage;
use CleanRace\Core\Setting\Plan\ConeSteps;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\EntryReader;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\Job\RandomAnswers;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The station of setting in a job: what each kind of hub is asked, and what is judged of the answers. */
final class SetTest extends TestCase
{
    use SetHub;

    private static function station(JobReport $report): StationReport
    {
        return array_values(array_filter($report->stations, static fn (StationReport $s): bool => $s->station === Station::Set))[0];
    }

    /** @return iterable<string, array{string, list<string>}> pattern, steps in order */
    public static function plans(): iterable
    {
        yield 'a clamped pair' => [
            'pair-sleeve',
            ['set.axle', 'set.centre', 'set.axle_nut', 'set.pinch_bolts', 'set.caliper_bolts', 'set.clamped'],
        ];
        yield 'cups and cones' => [
            'cup-cone',
            [
                'set.axle',
                'set.ends',
                'set.cone',
                'set.centre',
                'set.lock_nut_right',
                'set.lock_nut_left',
                'set.wheel_nuts',
                'set.in_place',
            ],
        ];
        yield 'cups turned to cartridges' => [
            'cup-cone-conversion',
            ['set.axle', 'set.ends', 'set.centre', 'set.lock_nut_right', 'set.lock_nut_left', 'set.wheel_nuts', 'set.clamped'],
        ];
        yield 'tapers' => ['taper-pair', ['set.axle', 'set.taper', 'set.pin', 'set.hub_cap', 'set.wheel_nuts', 'set.in_place']];
        yield 'a plain axle' => ['flanged-wheel', ['set.axle', 'set.float', 'set.retaining', 'set.in_place']];
        yield 'a spindle' => ['spindle', ['set.axle', 'set.pulley_nut', 'set.blade_nut', 'set.housing_bolts', 'set.clamped']];
    }

    /** @param  list<string>  $steps */
    #[DataProvider('plans')]
    public function test_each_kind_of_hub_is_set_in_its_order(string $pattern, array $steps): void
    {
        self::assertSame($steps, array_map(static fn (Step $s): string => $s->id, self::station(self::report($pattern))->steps));
    }

    /** @return iterable<string, array{Pattern}> */
    public static function patterns(): iterable
    {
        foreach (HubPatterns::all() as $pattern) {
            yield $pattern->id() => [$pattern];
        }
    }

    #[DataProvider('patterns')]
    public function test_everything_that_is_asked_can_be_answered_and_is_found_by_its_place(Pattern $pattern): void
    {
        $random = new Randomizer(new Mt19937(1));
        $reader = new EntryReader();
        foreach (self::station(self::report($pattern->id()))->steps as $step) {
            self::assertNotSame('', $step->title->inEnglish());
            foreach ($step->asks as $ask) {
                self::assertLessThanOrEqual(80, strlen($ask->place));
                $kept = $reader->read(
                    Places::at($ask->place),
                    match ($ask->kind) {
                        AskKind::Part => ['state' => 'fitted'],
                        AskKind::Tick => ['done' => true],
                        default => RandomAnswers::to($ask, $random) ?? self::fail($ask->place),
                    },
                    'mm',
                );
                self::assertNotSame([], $kept);
                self::assertTrue(
                    $ask->kind === AskKind::Stack ||
                        $ask->isEntered(new Notebook([$ask->place => ['value' => $kept, 'instrument' => null]])),
                    $ask->place,
                );
            }
        }
    }

    /**
     * @return iterable<string, array{AskKind, array<string, mixed>, ?array<string, mixed>}> kind, entry, what is kept
     *   or null when it is refused
     */
    public static function entries(): iterable
    {
        yield 'a thread' => [AskKind::Thread, ['text' => '3/8-26'], ['text' => '3/8-26', 'pitch' => 25.4 / 26]];
        yield 'no thread' => [AskKind::Thread, ['text' => 'coarse'], null];
        yield 'a turn' => [AskKind::Turn, ['typed' => '1/4 turn'], ['deg' => 90.0, 'typed' => '1/4 turn']];
        yield 'no turn' => [AskKind::Turn, ['typed' => 'some'], null];
        yield 'how many' => [AskKind::Count, ['typed' => '9'], ['count' => 9, 'typed' => '9']];
        yield 'half of one' => [AskKind::Count, ['typed' => '1.5'], null];
        yield 'none' => [AskKind::Count, ['typed' => '0'], null];
        yield 'too many' => [AskKind::Count, ['typed' => '201'], null];
        yield 'a meter' => [AskKind::Meter, ['text' => '12 400 km'], ['text' => '12 400 km', 'amount' => 12400.0, 'unit' => 'km']];
        yield 'a meter without its unit' => [AskKind::Meter, ['text' => '12400'], null];
        yield 'a time' => [AskKind::When, ['text' => '6 months'], ['text' => '6 months']];
        yield 'no time' => [AskKind::When, ['text' => 'some day'], null];
        yield 'a try' => [
            AskKind::ConeTry,
            ['mark' => 33.04, 'stage' => 'locked', 'felt' => 'trace', 'typed' => ' 0,4 '],
            ['mark' => 33.0, 'stage' => 'locked', 'felt' => 'trace', 'mm' => 0.4, 'typed' => '0,4'],
        ];
        yield 'a try by hand alone' => [
            AskKind::ConeTry,
            ['mark' => 0, 'stage' => 'open', 'felt' => 'none'],
            ['mark' => 0.0, 'stage' => 'open', 'felt' => 'none'],
        ];
        yield 'a try nowhere' => [AskKind::ConeTry, ['stage' => 'open', 'felt' => 'none'], null];
        yield 'a try far off' => [AskKind::ConeTry, ['mark' => 4000, 'stage' => 'open', 'felt' => 'none'], null];
        yield 'a try of nothing' => [AskKind::ConeTry, ['mark' => 0, 'stage' => 'open', 'felt' => 'maybe'], null];
        yield 'a try with a play that is none' => [
            AskKind::ConeTry,
            ['mark' => 0, 'stage' => 'open', 'felt' => 'play', 'typed' => 'much'],
            null,
        ];
    }

    /**
     * @param  array<string, mixed>  $entry
     * @param  ?array<string, mixed>  $kept
     */
    #[DataProvider('entries')]
    public function test_what_is_entered_is_read_or_refused_in_a_sentence(AskKind $kind, array $entry, ?array $kept): void
    {
        $place = new Place('a', $kind, '', null, null, null, [], null, null, null, '', false);
        try {
            self::assertEquals($kept, (new EntryReader())->read($place, $entry, 'mm'));
        } catch (InvalidInput $invalid) {
            self::assertNull($kept, $invalid->getMessage());
            self::assertMatchesRegularExpression('/[.]$/', $invalid->getMessage());
        }
    }

    public function test_the_reader_of_entries_takes_every_answer_that_the_coach_knows(): void
    {
        self::assertSame(array_column(ConeStage::cases(), 'value'), EntryReader::TRY_STAGES);
        self::assertSame(array_column(ConeFelt::cases(), 'value'), EntryReader::TRY_FELT);
    }

    public function test_one_more_try_is_always_asked_until_the_cone_is_right(): void
    {
        $tries = static fn (array $entries): array => array_values(
            array_filter(
                self::step(self::report('cup-cone', $entries), 'set.cone')->asks,
                static fn (Ask $a): bool => $a->kind === AskKind::ConeTry,
            ),
        );
        self::assertSame(['set.cone.try.1'], array_map(static fn (Ask $a): string => $a->place, $tries([])));
        $made = [
            'set.cone.try.1' => ['mark' => 0, 'stage' => 'open', 'felt' => 'play'],
            'set.cone.try.2' => ['mark' => 20, 'stage' => 'locked', 'felt' => 'play'],
        ];
        self::assertSame([false, false, true], array_map(static fn (Ask $a): bool => $a->wanted, $tries($made)));
        self::assertFalse(self::step(self::report('cup-cone', $made), 'set.cone')->done);
        $many = array_combine(
            array_map(static fn (int $n): string => "set.cone.try.$n", range(1, 20)),
            array_fill(0, 20, ['mark' => 0, 'stage' => 'open', 'felt' => 'play']),
        );
        self::assertCount(20, $tries($many), 'twenty are enough');
    }

    public function test_the_shop_habit_decides_whether_a_lever_wants_a_trace(): void
    {
        $tries = [
            'set.cone.axle' => 'quick_release',
            'set.cone.try.1' => ['mark' => 0, 'stage' => 'locked', 'felt' => 'play', 'mm' => 0.9, 'by' => 'dial_gauge'],
        ];
        $trace = self::report('cup-cone', $tries)->set->cone;
        $none = self::report('cup-cone', $tries, ['cone_play' => 'none'])->set->cone;
        self::assertGreaterThan(0.1, (float) $trace?->leaveAtRim->mm);
        self::assertEqualsWithDelta(0, (float) $none?->leaveAtRim->mm, 1e-9);
        self::assertGreaterThan((float) $trace?->set?->degrees, (float) $none?->set?->degrees);
    }

    public function test_what_lock_nuts_did_on_earlier_hubs_is_counted_in(): void
    {
        $entries = ['set.cone.try.1' => ['mark' => 0, 'stage' => 'open', 'felt' => 'play', 'mm' => 1.2, 'by' => 'dial_gauge']];
        $first = self::report('cup-cone', $entries)->set->cone;
        $later = self::report('cup-cone', $entries, [], array_fill(0, 6, Angle::degrees(30)))->set->cone;
        self::assertEqualsWithDelta(30, (float) $later?->shift->degrees, 3);
        self::assertGreaterThan((float) $later?->turn?->degrees + 10, (float) $first?->turn?->degrees);
        // A hub that is done teaches by the play read before and after at one mark.
        $done = new Notebook([
            'set.cone.try.1' => [
                'value' => ['mark' => 0, 'stage' => 'open', 'felt' => 'play', 'mm' => 1.2],
                'instrument' => 'dial_gauge',
            ],
            'set.cone.try.2' => [
                'value' => ['mark' => 0, 'stage' => 'locked', 'felt' => 'play', 'mm' => 0.8],
                'instrument' => 'dial_gauge',
            ],
            'set.cone.try.4' => ['value' => ['mark' => 'x', 'stage' => 'locked'], 'instrument' => null],
        ]);
        self::assertEqualsWithDelta(
            [16.1],
            array_map(static fn (Angle $a): float => $a->degrees, ConeSteps::learnt(Limits::standard(), $done)),
            0.5,
        );
        self::assertSame(
            [],
            ConeSteps::learnt(
                Limits::standard(),
                new Notebook(['set.axle_thread' => ['value' => ['text' => '?'], 'instrument' => null]]),
            ),
        );
    }

    public function test_only_washers_that_go_on_the_axle_are_taken_from_the_wall(): void
    {
        $float = self::report('flanged-wheel', [
            'set.float.space' => ['mm' => 84.6],
            'set.float.wheel' => ['mm' => 78.4],
            'set.float.washers' => ['mm' => 5.0],
        ])->set->float;
        self::assertSame(['0.5 mm', '0.1 mm'], array_values(array_unique($float->add ?? [])), 'and of the thin ones nobody noted a bore');
    }

    public function test_several_bolts_are_counted_and_tightened_crosswise(): void
    {
        $asks = self::step(self::report('taper-pair'), 'set.wheel_nuts')->asks;
        $places = array_map(static fn (Ask $a): string => $a->place, $asks);
        self::assertContains('fastener.wheel_nuts.bolts', $places);
        self::assertSame('All tightened, crosswise', $asks[count($asks) - 1]->label);
        self::assertNotContains(
            'fastener.axle_nut.bolts',
            array_map(static fn (Ask $a): string => $a->place, self::step(self::report('pair-sleeve'), 'set.axle_nut')->asks),
        );
        self::assertNotContains(
            'fastener.axle_nut.wrench_length',
            array_map(static fn (Ask $a): string => $a->place, self::step(self::report('pair-sleeve'), 'set.axle_nut')->asks),
            'asked once there is an adapter',
        );
    }

    public function test_a_figure_in_other_units_is_kept_as_its_source_has_it(): void
    {
        $why = self::step(
            self::report('pair-sleeve', [
                'fastener.axle_nut.torque' => ['nm' => 80.0, 'typed' => '59 ft-lb'],
                'fastener.axle_nut.source' => 'manual',
            ]),
            'set.axle_nut',
        )->verdicts[0]->why;
        self::assertSame('As its source has it: 59 ft-lb.', $why[0]->inEnglish());
    }

    public function test_panels_belong_to_what_is_set(): void
    {
        $panels = [];
        foreach (HubPatterns::all() as $pattern) {
            foreach (self::station(self::report($pattern->id()))->steps as $step) {
                $panels[$step->id] = $step->panel;
            }
        }
        self::assertSame(
            [Panel::Cone, Panel::Taper, Panel::AxleFloat, Panel::AxleEnds, Panel::Centre],
            [$panels['set.cone'], $panels['set.taper'], $panels['set.float'], $panels['set.ends'], $panels['set.centre']],
        );
    }

    public function test_what_keeps_a_wheel_on_is_tightened_only_when_it_is_a_bolt(): void
    {
        $panel = static fn (array $said): Panel => self::step(self::report('flanged-wheel', $said), 'set.retaining')->panel;
        self::assertNotSame(Panel::Torques, $panel([]), 'a ring or a pin as long as nobody says otherwise');
        self::assertNotSame(Panel::Torques, $panel(['fastener.retaining.kind' => 'ring']));
        self::assertNotSame(Panel::Torques, $panel(['fastener.retaining.kind' => 'pin']));
        self::assertSame(Panel::Torques, $panel(['fastener.retaining.kind' => 'bolt']));
        self::assertSame(Panel::Torques, self::step(self::report('pair-sleeve'), 'set.axle_nut')->panel, 'a nut is one');
    }
}
