<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Job;

use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Hubs\PairSleeve;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Tooling\Tool;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each station by itself, from a notebook that holds only what the case is about. */
final class StationsTest extends TestCase
{
    use FindsStep;

    /** @param  array<string, array<string, mixed>|string>  $entries a plain text is a choice */
    private static function report(array $entries = [], ?float $pressTonnes = 12): JobReport
    {
        $notebook = new Notebook(
            array_map(
                static fn (array|string $e): array => ['value' => is_string($e) ? ['choice' => $e] : $e, 'instrument' => null],
                $entries,
            ),
        );
        $wall = [
            new Tool('1', 'Cup', ToolKind::Cup, Length::mm(46.2), Length::mm(37), Length::mm(60)),
            new Tool('2', 'Chrome', ToolKind::ChromeSocket, Length::mm(46), Length::mm(38), Length::mm(50)),
        ];

        return (new WheelJob(Limits::standard()))->report(
            new Bench(
                new PairSleeve(),
                $notebook,
                $wall,
                $pressTonnes === null ? null : Force::newtons($pressTonnes * 9806.65),
                DrawBolt::M12,
            ),
        );
    }

    public function test_a_ring_that_is_glued_in_is_left_alone_until_the_compound_has_cured(): void
    {
        self::assertSame(0, self::step(self::report(), 'seat.left.home')->waitMinutes);
        self::assertSame(
            [1440, 0],
            array_map(
                static fn (string $side): int => self::step(self::report(['fit.left.remedy' => 'compound']), "seat.$side.home")
                    ->waitMinutes,
                ['left', 'right'],
            ),
        );
        self::assertSame(1440, self::step(self::report(['fit.right.remedy' => 'compound']), 'seat.right.home')->waitMinutes);
    }

    /** @return iterable<string, array{array<string, array<string, mixed>|string>, string, ?string}> entries, step, first headline */
    public static function judgements(): iterable
    {
        $six = static fn (string $side, float $mm): array => array_merge(
            ...array_map(
                static fn (string $d): array => array_combine(
                    array_map(static fn (int $h): string => "bore.$side.$d.$h", [12, 2, 4]),
                    array_fill(0, 3, ['mm' => $mm]),
                ),
                ['lip', 'bottom'],
            ),
        );
        yield 'nothing is judged of nothing' => [[], 'check.rock', null];
        yield 'one check is early' => [['check.spin' => 'quiet'], 'check.rock', 'check.early'];
        yield 'no fit before anything is known' => [[], 'size.left.bore', null];
        yield 'a fit unknown once the hub is' => [['size.hub_material' => 'aluminium'], 'size.left.bore', 'fit.unknown'];
        yield 'a fit from hands' => [['fit.left.feel' => 'firm_driving'], 'size.left.bore', 'fit.holds'];
        yield 'a caliper asks how it starts' => [$six('left', 46.96), 'size.left.bore', 'fit.caliper'];
        yield 'a fit from readings and hands' => [
            [...$six('left', 46.96), 'fit.left.feel' => 'light_taps'],
            'size.left.bore',
            'fit.holds',
        ];
        yield 'a fit as this hub is built' => [
            ['fit.left.feel' => 'thumb_push', 'fit.left.meant' => 'stands_still'],
            'size.left.bore',
            'fit.stands',
        ];
        yield 'far too tight' => [$six('left', 46.7), 'size.left.bore', 'fit.tight'];
        yield 'dropped in cold' => [['fit.left.feel' => ['choice' => 'drops_in']], 'size.left.bore', 'fit.loose'];
        yield 'dropped in warm, as it should' => [
            ['fit.left.feel' => ['choice' => 'drops_in', 'hub_c' => 70.0]],
            'size.left.bore',
            'fit.felt_warm',
        ];
        yield 'will not go in, though warm' => [
            ['fit.left.feel' => ['choice' => 'will_not_start', 'hub_c' => 70.0]],
            'size.left.bore',
            'fit.will_not',
        ];
        yield 'under the thumb' => [['fit.left.feel' => 'thumb_push'], 'size.left.bore', 'fit.doubt'];
        yield 'the fit of the loosest depth' => [
            [
                ...$six('left', 46.95),
                ...array_combine(
                    ['bore.left.bottom.12', 'bore.left.bottom.2', 'bore.left.bottom.4'],
                    array_fill(0, 3, ['mm' => 47.04]),
                ),
                'fit.left.feel' => 'drops_in',
            ],
            'size.left.bore',
            'fit.loose',
        ];
        yield 'held by compound' => [['fit.left.feel' => 'drops_in', 'fit.left.remedy' => 'compound'], 'size.left.bore', 'fit.glued'];
        yield 'a spacer tube to be made does not lift the stop' => [
            ['fit.left.feel' => 'drops_in', 'fit.left.remedy' => 'sleeve'],
            'size.left.bore',
            'fit.loose',
        ];
        yield 'by caliper when nothing is stamped' => [
            ['size.left.bore' => ['mm' => 20.01], 'size.left.outside' => ['mm' => 46.98], 'size.left.width' => ['mm' => 13.97]],
            'size.left.bearing',
            'caliper.is',
        ];
        yield 'the number wins over the caliper' => [
            ['size.left.number' => ['text' => '6204 RS'], 'size.left.bore' => ['mm' => 20.01]],
            'size.left.bearing',
            'number.unclear',
        ];
        yield 'no match without both numbers' => [['source.left.number' => ['text' => '6204']], 'source.left.match', null];
        yield 'the left number serves for the right' => [
            ['size.left.number' => ['text' => '6204 2RS'], 'source.right.number' => ['text' => '6205 2RS']],
            'source.right.match',
            'match.wrong',
        ];
        yield 'the best driver' => [[], 'seat.driver', 'driver.take'];
        yield 'another driver, judged by itself' => [['seat.driver' => '2'], 'seat.driver', 'driver.with_care'];
        yield 'square by eye' => [['seat.left.start.eye' => 'level'], 'seat.left.start', 'square.eye.level'];
        yield 'two depths are not judged' => [
            ['seat.left.start.12' => ['mm' => 3.0], 'seat.left.start.6' => ['mm' => 3.0]],
            'seat.left.start',
            null,
        ];
        yield 'two depths and an eye go by the eye' => [
            ['seat.left.start.12' => ['mm' => 3.0], 'seat.left.start.6' => ['mm' => 3.0], 'seat.left.start.eye' => 'level'],
            'seat.left.start',
            'square.eye.level',
        ];
        yield 'home by hands' => [
            ['seat.left.home.signs' => ['choices' => ['note_changed', 'hard_stop']]],
            'seat.left.home',
            'home.hands',
        ];
        yield 'the second before the spacer tube' => [
            ['seat.right.start.eye' => 'level', 'part.sleeve' => ['state' => 'on_tray']],
            'seat.right.start',
            'second.no_sleeve',
        ];
        yield 'the second by hands' => [
            ['seat.look_through' => 'seen', 'seat.pair_feel' => ['choices' => ['nudges_only']]],
            'seat.right.home',
            'second.there',
        ];
        yield 'no figure found is an answer' => [['fastener.axle_nut.source' => 'none'], 'set.axle_nut', 'torque.none'];
        yield 'a figure without a source' => [['fastener.axle_nut.torque' => ['nm' => 80]], 'set.axle_nut', 'torque.source'];
        yield 'a source without a figure' => [['fastener.axle_nut.source' => 'manual'], 'set.axle_nut', 'torque.missing'];
        yield 'out of order' => [['fastener.caliper_bolts.done' => ['done' => true]], 'set.caliper_bolts', 'torque.order'];
        yield 'checks are missing' => [['prove.spins' => 'pass'], 'prove.checks', 'prove.some'];
        yield 'not to be signed yet' => [[], 'prove.sign', 'sign.blocked'];
    }

    /** @param  array<string, array<string, mixed>|string>  $entries */
    #[DataProvider('judgements')]
    public function test_each_step_is_judged_by_what_is_known(array $entries, string $step, ?string $key): void
    {
        $found = self::step(self::report($entries), $step);
        self::assertSame($key, ($found->verdicts[0] ?? null)?->headline->key);
    }

    public function test_check_in_never_stands_in_the_way_of_signing(): void
    {
        $step = self::step(
            self::report(['check.rock_3_9' => 'at_hub', 'check.rock_12_6' => 'at_hub', 'check.spin' => 'grind']),
            'check.rock',
        );
        self::assertSame(Level::Stop, $step->worst());
        self::assertNull($step->open(), 'it is what the repair is for');
    }

    public function test_heat_is_advice_but_a_hub_that_may_split_is_not(): void
    {
        $split = self::report(['size.hub_outside' => ['mm' => 56.0], 'bore.left.lip.12' => ['mm' => 46.8]]);
        $force = self::step($split, 'size.force');
        self::assertSame(Level::Stop, $force->worst());
        self::assertContains('force.split', array_map(static fn ($v): string => $v->headline->key, $force->verdicts));
        self::assertSame(Level::Stop, $force->open()?->level);
        self::assertNull(
            self::step(self::report(['fit.left.feel' => 'firm_driving', 'size.hub_finish' => 'rubber']), 'size.force')->open(),
        );
    }

    public function test_without_a_press_no_share_of_it_is_shown(): void
    {
        $names = static fn (JobReport $r): array => array_map(
            static fn ($f): string => $f->name,
            self::step($r, 'size.force')->verdicts[1]->figures,
        );
        self::assertContains('share', $names(self::report(['fit.left.feel' => 'firm_driving'])));
        self::assertNotContains('share', $names(self::report(['fit.left.feel' => 'firm_driving'], null)));
    }

    public function test_the_temperature_of_the_shop_moves_the_target(): void
    {
        $target = static fn (float $c): string => self::step(
            self::report(['fit.left.feel' => 'firm_driving', 'size.room_temperature' => ['c' => $c]]),
            'seat.warm',
        )->title->inEnglish();
        self::assertNotSame($target(5), $target(25));
        self::assertStringStartsWith('Warm it to', $target(5));
    }

    public function test_seven_stations_each_with_panels_for_what_they_ask(): void
    {
        $stations = self::report()->stations;
        self::assertSame(
            ['Check in', 'Strip', 'Size', 'Source', 'Seat', 'Set', 'Prove'],
            array_map(static fn (StationReport $s): string => English::of($s->label), $stations),
        );
        foreach ($stations as $station) {
            $ids = array_map(static fn (Step $s): string => $s->id, $station->steps);
            self::assertSame($ids, array_unique($ids));
            foreach ($station->steps as $step) {
                $parts = array_filter($step->asks, static fn (Ask $a): bool => $a->kind === AskKind::Part);
                if ($station->label === 'Strip') {
                    self::assertSame($parts !== [], $step->panel === Panel::Tray, $step->id);
                }
                self::assertTrue($step->asks !== [] || $step->id === 'prove.sign', $step->id);
                self::assertNotSame('', $step->title->inEnglish());
            }
        }
    }

    /** Where the work can hurt somebody, it says so at that step. */
    public function test_steps_that_can_hurt_carry_their_caution(): void
    {
        foreach (
            [
                'check.rock',
                'strip.safe',
                'strip.seals',
                'strip.rings',
                'strip.bearing_right',
                'strip.bearing_left',
                'strip.look',
                'size.force',
                'seat.first',
                'seat.warm',
                'seat.ring',
                'set.caliper_bolts',
                'prove.checks',
            ] as $id
        ) {
            self::assertNotNull(self::step(self::report(), $id)->caution, $id);
        }
        self::assertStringContainsString('manual', self::step(self::report(), 'prove.checks')->caution?->inEnglish() ?? '');
    }

    public function test_candidates_by_caliper_are_offered_per_side(): void
    {
        $report = self::report(['size.right.bore' => ['mm' => 17.0], 'size.right.outside' => ['mm' => 40.0]]);
        self::assertSame([], $report->candidatesLeft);
        self::assertSame('6203', $report->candidatesRight[0]->number);
    }

    public function test_readings_that_make_no_sense_together_are_not_judged_and_break_nothing(): void
    {
        $report = self::report([
            'size.left.bore' => ['mm' => 50.0],
            'size.left.outside' => ['mm' => 20.0],
            'bore.left.lip.12' => ['mm' => 300.0],
            'size.ledge_depth' => ['mm' => 2.0],
            'seat.left.home.12' => ['mm' => 9.0],
            'size.over_faces' => ['mm' => 10.0],
            'size.sleeve_length' => ['mm' => 500.0],
            'seat.right.home.12' => ['mm' => 9.0],
            'seat.look_through' => 'seen',
            'size.hub_outside' => ['mm' => 30.0],
            'fit.left.feel' => 'firm_driving',
        ]);
        self::assertSame([], self::step($report, 'size.left.bearing')->verdicts);
        self::assertSame([], self::step($report, 'seat.right.home')->verdicts);
        self::assertFalse($report->maySign);
    }
}
