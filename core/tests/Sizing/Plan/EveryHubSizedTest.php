<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\Plan;

use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Hub;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Sizing\Plan\PartFinding;
use CleanRace\Core\Sizing\Plan\SeatFinding;
use CleanRace\Core\Sourcing\ToBuy;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tests\Job\FindsStep;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every hub is sized part by part. */
final class EveryHubSizedTest extends TestCase
{
    use FindsStep;

    /**
     * @param  array<string, array<string, mixed>>  $entries
     * @param  array<string, string>  $habits
     */
    private static function report(string $pattern, array $entries = [], array $habits = []): JobReport
    {
        $notebook = new Notebook(array_map(static fn (array $v): array => ['value' => $v, 'instrument' => null], $entries));

        return (new WheelJob(Limits::standard()))->report(
            new Bench(HubPatterns::find($pattern), $notebook, [], null, DrawBolt::M12, false, [], $habits),
        );
    }

    public function test_every_hub_is_sized_part_by_part_and_seated_ring_by_ring(): void
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            $report = self::report($id);
            $clocks = array_filter($report->stations[4]->steps, static fn (Step $s): bool => $s->panel === Panel::Clock);
            self::assertGreaterThanOrEqual(2, count($clocks), "$id has no ring to start and bring home");
            $size = $report->stations[2];
            $parts = array_filter($size->steps, static fn (Step $s): bool => str_starts_with($s->id, 'size.part.'));
            self::assertTrue($pattern->card()->pair || $parts !== [], $id);
            $seats = array_filter($size->steps, static fn (Step $s): bool => $s->panel === Panel::Survey);
            self::assertNotEmpty($seats, "$id has no seat to judge");
        }
    }

    /**
     * @return iterable<string, array{string, array<string, array<string, mixed>>, string, string, ?string}> pattern,
     *   entries, step, key of its first verdict, what to ask for
     */
    public static function sized(): iterable
    {
        yield 'a wide bearing by number' => [
            'knuckle-wide',
            ['size.part.bearing' => ['text' => '5206 2RS']],
            'size.part.bearing',
            'number.read',
            '5206',
        ];
        yield 'by its sizes written out' => [
            'knuckle-wide',
            ['size.part.bearing' => ['text' => '30 x 62 x 23.8']],
            'size.part.bearing',
            'caliper.is',
            '3206',
        ];
        yield 'by the caliper' => [
            'single-ring',
            [
                'size.part.bearing.bore' => ['mm' => 19.99],
                'size.part.bearing.outside' => ['mm' => 46.98],
                'size.part.bearing.width' => ['mm' => 13.96],
            ],
            'size.part.bearing',
            'caliper.is',
            '6204',
        ];
        yield 'a seal by what is printed' => [
            'knuckle-wide',
            ['size.part.seal_left' => ['text' => '40 58 8']],
            'size.part.seal_left',
            'seal.is',
            '40 × 58 × 8 mm',
        ];
        yield 'a snap ring by its bore' => [
            'knuckle-wide',
            ['size.part.snap_ring_right.diameter' => ['mm' => 60.02]],
            'size.part.snap_ring_right',
            'snap_ring.is',
            'Internal snap ring 60 mm',
        ];
        yield 'balls' => [
            'cup-cone',
            ['size.part.balls_left.ball_1' => ['mm' => 6.35], 'size.part.balls_left.ball_2' => ['mm' => 6.34]],
            'size.part.balls_left',
            'balls.are',
            'Balls 1/4 in',
        ];
        yield 'worn balls' => [
            'cup-cone',
            ['size.part.balls_left.ball_1' => ['mm' => 6.35], 'size.part.balls_left.ball_2' => ['mm' => 6.22]],
            'size.part.balls_left',
            'balls.mixed',
            null,
        ];
        yield 'a cone with its own cup' => [
            'taper-pair',
            ['size.part.taper_cone_left' => ['text' => 'LM11949'], 'size.part.taper_cup_left' => ['text' => 'LM11910']],
            'size.part.taper_cone_left',
            'taper.set',
            'Taper set LM11949/LM11910',
        ];
        yield 'a cone with a stranger' => [
            'taper-pair',
            ['size.part.taper_cone_left' => ['text' => 'LM11949'], 'size.part.taper_cup_left' => ['text' => 'L44610']],
            'size.part.taper_cone_left',
            'taper.mixed',
            'LM11949',
        ];
        yield 'the pin of a castle nut' => [
            'knuckle-wide',
            ['size.part.castle_nut_left.hole' => ['mm' => 5.05]],
            'size.part.castle_nut_left',
            'pin.is',
            'split pin 5',
        ];
    }

    /** @param  array<string, array<string, mixed>>  $entries */
    #[DataProvider('sized')]
    public function test_parts_are_sized_by_what_serves_their_kind(
        string $pattern,
        array $entries,
        string $step,
        string $key,
        ?string $askFor,
    ): void {
        $report = self::report($pattern, $entries);
        self::assertSame($key, self::step($report, $step)->verdicts[0]->headline->key);
        $finding = array_values(
            array_filter($report->partFindings, static fn (PartFinding $f): bool => "size.part.$f->part" === $step),
        )[0];
        self::assertStringContainsString($askFor ?? '', English::of($finding->askFor));
    }

    public function test_a_pressed_shaft_is_judged_on_its_shaft_and_a_wide_bearing_on_both(): void
    {
        $shaft = self::report('shaft-bearing', ['fit.bearing_shaft.feel' => ['choice' => 'firm_driving']]);
        self::assertSame('fit.holds', self::step($shaft, 'size.bearing_shaft.seat')->verdicts[0]->headline->key);
        self::assertSame(['bearing_shaft'], array_map(static fn (SeatFinding $s): string => $s->key, $shaft->seats));
        $wide = self::report('knuckle-wide', ['fit.bearing.feel' => ['choice' => 'drops_in']]);
        self::assertSame(['bearing', 'bearing_shaft'], array_map(static fn (SeatFinding $s): string => $s->key, $wide->seats));
        self::assertSame(
            'fit.slack',
            self::step($wide, 'size.bearing.seat')->verdicts[0]->headline->key,
            'it stands still, kept by its ring',
        );
        $pressed = ['fit.bearing.feel' => ['choice' => 'drops_in'], 'fit.bearing.meant' => ['choice' => 'pressed_fast']];
        self::assertSame(
            'fit.loose',
            self::step(self::report('knuckle-wide', $pressed), 'size.bearing.seat')->verdicts[0]->headline->key,
        );
        self::assertNotEmpty($wide->seats[0]->remedies);
    }

    public function test_grease_follows_the_nipple_and_the_use(): void
    {
        self::assertSame(
            'grease.hybrid',
            self::step(self::report('spindle', ['size.nipple' => ['choice' => 'used']]), 'size.grease')->verdicts[0]->headline->key,
        );
        self::assertSame(
            'grease.sealed',
            self::step(self::report('spindle', ['size.nipple' => ['choice' => 'unused']]), 'size.grease')->verdicts[0]->headline->key,
        );
        self::assertSame(
            'grease.mix',
            self::step(
                self::report('spindle', ['size.grease_old' => ['choice' => 'polyurea'], 'size.grease_new' => ['choice' => 'lithium']]),
                'size.grease',
            )->verdicts[0]->headline->key,
        );
    }

    public function test_tapers_typed_at_size_size_the_hub_and_are_bought_as_sets(): void
    {
        $said = [
            'size.part.taper_cone_left' => ['text' => '30205'],
            'size.part.taper_cup_left' => ['text' => '30205'],
            'size.part.taper_cup_right' => ['text' => '30206'],
        ];
        $notebook = new Notebook();
        foreach ($said as $place => $value) {
            $notebook = $notebook->with($place, ['value' => $value, 'instrument' => null]);
        }
        $of = static fn (string $part, string $size): ?float => Hub::of(HubPatterns::find('taper-pair'), $notebook)
            ->stack->find($part)
            ?->mm($size);
        self::assertSame(
            [25.0, 52.0, 62.0, 30.0],
            [
                $of('taper_cone_left', 'bore'),
                $of('taper_cup_left', 'outside'),
                $of('taper_cup_right', 'outside'),
                $of('taper_cone_right', 'bore'),
            ],
            'the cone goes by its cup',
        );
        self::assertSame([15.0, 13.0], [$of('taper_cone_left', 'width'), $of('taper_cup_left', 'width')]);
        $report = self::report('taper-pair', $said);
        self::assertCount(2, $report->drivers, 'two unlike cups, two drivers');
        $notebook = $notebook->with('size.part.taper_cup_right.outside', ['value' => ['mm' => 61.5], 'instrument' => null]);
        self::assertSame(61.5, Hub::of(HubPatterns::find('taper-pair'), $notebook)->stack->find('taper_cup_right')?->mm('outside'));
        $tray = [];
        foreach (['cone_left', 'cup_left', 'cone_right', 'cup_right'] as $part) {
            $tray["part.taper_$part"] = ['state' => 'on_tray', 'condition' => 'replace'];
        }
        $list = self::report('taper-pair', [...$said, 'size.part.taper_cone_right' => ['text' => '30206'], ...$tray])->toBuy;
        $sets = array_filter($list, static fn (ToBuy $l): bool => str_contains(English::of($l->askFor), 'Taper set'));
        self::assertSame([1, 1], array_values(array_map(static fn (ToBuy $l): int => $l->quantity, $sets)), 'a set is cone and cup');
    }

    public function test_words_of_cones_are_asked_of_both(): void
    {
        $report = self::report('cup-cone', [
            'part.cone_left' => ['state' => 'on_tray', 'condition' => 'replace'],
            'source.part.cone_left.old.thread' => ['text' => 'M10x1'],
            'source.part.cone_left.new.thread' => ['text' => 'M9 x 1'],
        ]);
        self::assertSame(Level::Stop, self::step($report, 'source.match.cone_left')->verdicts[0]->level);
        $places = array_map(static fn (Ask $a): string => $a->place, self::step($report, 'source.match.cone_left')->asks);
        self::assertContains('source.part.cone_left.old.track_radius', $places);
        self::assertContains('source.part.cone_left.new.length', $places);
        self::assertContains('source.part.cone_left.old.length', $places, 'what a cone measures is read off the old one');
    }

    public function test_the_axle_is_judged_where_each_ring_sits_and_by_hand(): void
    {
        $report = self::report('pair-sleeve', [
            'size.part.axle.bearing_left' => ['mm' => 19.97],
            'size.part.axle.bearing_right' => ['mm' => 19.8],
        ]);
        self::assertSame(
            [Level::Stop, Level::Go],
            array_map(static fn ($v): Level => $v->level, self::step($report, 'size.axle')->verdicts),
            'what stops is seen first',
        );
        $felt = self::report('pair-sleeve', ['size.part.axle.feel' => ['choice' => 'thumb_push']]);
        self::assertSame(Level::Go, self::step($felt, 'size.axle')->verdicts[0]->level);
    }
}
