<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Seating\Home;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Seating\Home\Feeler;
use CleanRace\Core\Seating\Home\Home;
use CleanRace\Core\Seating\Home\HomeInput;
use CleanRace\Core\Seating\Home\HomeResult;
use CleanRace\Core\Seating\Home\HomeSign;
use CleanRace\Core\Seating\Home\TurnsFeel;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Is the ring on its shoulder. */
final class HomeTest extends TestCase
{
    public function test_home_is_one_depth_whoever_says_it(): void
    {
        foreach ([null, 13.7, 14.02] as $measured) {
            $result = (new Home(Limits::standard()))->work(
                new HomeInput(
                    Length::mm(14),
                    Reading::mm(23.2, Instrument::DepthCaliper),
                    Reading::mm(9.2, Instrument::DepthCaliper),
                    $measured === null ? null : Reading::mm($measured, Instrument::Micrometer),
                ),
            );
            $figures = array_column(
                array_map(static fn ($f): array => [$f->name, $f->value->amount()], $result->verdict->figures),
                1,
                0,
            );
            $home = 23.2 - ($measured ?? 14.0);
            self::assertEqualsWithDelta(
                [$home, $home, $home - 9.2],
                [$result->expectedDepth?->mm, $figures['home_at'], $result->toGo?->mm],
                1e-9,
            );
        }
    }

    public function test_the_play_under_a_snap_ring_and_a_ring_too_thick(): void
    {
        $home = static fn (float $groove, float $ring): HomeResult => (new Home(Limits::standard()))->work(
            new HomeInput(
                Length::mm(14),
                signs: [HomeSign::NoteChanged, HomeSign::FeelerRefused],
                grooveWidth: Length::mm($groove),
                ringThickness: Length::mm($ring),
            ),
        );
        $play = array_values(array_filter($home(1.85, 1.75)->verdict->figures, static fn ($f): bool => $f->name === 'ring_play'));
        self::assertEqualsWithDelta(0.1, $play[0]->value->amount(), 1e-9);
        $this->expectException(InvalidInput::class);
        $home(1.7, 1.75);
    }

    /** @param  list<HomeSign>  $signs */
    private static function home(
        ?float $depth,
        array $signs = [],
        ?float $groove = null,
        float $tilt = 0,
        ?float $width = null,
        Instrument $by = Instrument::DepthCaliper,
    ): HomeResult {
        return (new Home(Limits::standard()))->work(
            new HomeInput(
                Length::mm(14),
                $depth === null ? null : Reading::mm(23.2, $by),
                $depth === null ? null : Reading::mm($depth, $by),
                $width === null ? null : Reading::mm($width, Instrument::Micrometer),
                Length::mm($tilt),
                $signs,
                $groove === null ? null : Length::mm($groove),
            ),
        );
    }

    /** @return iterable<string, array{?float, list<HomeSign>, Level}> */
    public static function homes(): iterable
    {
        $hands = [HomeSign::NoteChanged, HomeSign::FeelerRefused];
        yield 'home by both' => [9.22, $hands, Level::Go];
        yield 'a little high, hands sure' => [9.17, $hands, Level::Go];
        yield 'home by hands alone' => [null, $hands, Level::Go];
        yield 'one sign alone' => [null, [HomeSign::NoteChanged], Level::Care];
        yield 'light under it, under way' => [null, [HomeSign::LightUnder, HomeSign::NoteChanged], Level::Care];
        yield 'half a millimetre to go' => [8.7, [], Level::Care];
        yield 'half a millimetre short, and it goes no further' => [8.7, [HomeSign::HardStop], Level::Stop];
        yield 'hands say home, arithmetic says not' => [8.9, $hands, Level::Care];
        yield 'at the edge, no hands' => [9.15, [], Level::Care];
        yield 'too deep' => [9.8, [], Level::Care];
    }

    /** @param  list<HomeSign>  $signs */
    #[DataProvider('homes')]
    public function test_home_is_decided_on_depth_and_hands(?float $depth, array $signs, Level $level): void
    {
        $result = self::home($depth, $signs);
        self::assertSame($level, $result->verdict->level, $result->verdict->headline->inEnglish());
    }

    public function test_what_is_to_go_is_a_stop_only_when_work_goes_on_without_it(): void
    {
        $at = static fn (float $depth, bool $goneOn, HomeSign ...$signs): HomeResult => (new Home(Limits::standard()))->work(
            new HomeInput(
                Length::mm(14),
                Reading::mm(23.2, Instrument::DepthCaliper),
                Reading::mm($depth, Instrument::DepthCaliper),
                signs: array_values($signs),
                grooveEdgeDepth: Length::mm(9.1),
                goneOn: $goneOn,
            ),
        );
        $underWay = $at(2.06, false);
        self::assertSame('7.14 mm to go', $underWay->verdict->headline->inEnglish());
        self::assertSame(Level::Care, $underWay->verdict->level);
        $names = array_map(static fn ($f): string => $f->name, $underWay->verdict->figures);
        self::assertNotContains('groove_clear', $names, 'of a ring on its way the groove says nothing');
        self::assertSame([Level::Stop, 'home.not'], [$at(2.06, true)->verdict->level, $at(2.06, true)->verdict->headline->key]);
        self::assertSame('home.not', $at(9.2, true, HomeSign::LightUnder)->verdict->headline->key);
        self::assertSame('home.light', $at(9.2, false, HomeSign::LightUnder)->verdict->headline->key);
        self::assertContains('groove_clear', array_map(static fn ($f): string => $f->name, $at(9.2, false)->verdict->figures));
    }

    public function test_how_it_turns_when_it_is_down_is_a_stop_only_where_a_reading_says_too_tight(): void
    {
        $level = static fn (TurnsFeel $feel, bool $tight): Level => $feel->verdict($tight)->level;
        self::assertSame([Level::Go, Level::Go], [$level(TurnsFeel::Free, false), $level(TurnsFeel::Free, true)]);
        foreach ([TurnsFeel::Tight, TurnsFeel::Notchy] as $feel) {
            self::assertSame([Level::Care, Level::Stop], [$level($feel, false), $level($feel, true)]);
        }
    }

    public function test_the_leaf_that_tells_is_named_for_the_ring(): void
    {
        // A lean of 0.10 degrees opens 0.038 under a 608, 0.082 under a 6204, 0.126 under a 6306.
        $leaf = static fn (int $outside): float => Feeler::under(Length::mm($outside))->mm;
        self::assertSame([0.03, 0.08, 0.10, 0.15], [$leaf(22), $leaf(47), $leaf(72), $leaf(100)]);
    }

    public function test_how_much_is_to_go_and_the_named_disagreement(): void
    {
        self::assertEqualsWithDelta(0.5, self::home(8.7)->toGo?->mm, 1e-9);
        self::assertEqualsWithDelta(9.2, self::home(8.7)->expectedDepth?->mm, 1e-9);
        self::assertSame('home.clash', self::home(8.9, [HomeSign::NoteChanged, HomeSign::HardStop])->verdict->headline->key);
    }

    public function test_the_groove_must_show_on_the_proud_side(): void
    {
        $hands = [HomeSign::NoteChanged, HomeSign::FeelerRefused];
        self::assertSame(Level::Go, self::home(9.22, $hands, 9.1)->verdict->level);
        self::assertEqualsWithDelta(0.12, self::home(9.22, $hands, 9.1)->grooveClear?->mm, 1e-9);
        self::assertSame('home.groove', self::home(9.22, $hands, 9.2)->verdict->headline->key);
        self::assertSame('home.groove', self::home(9.22, $hands, 9.1, tilt: 0.2)->verdict->headline->key);
    }

    public function test_a_measured_width_narrows_the_band(): void
    {
        self::assertSame(Level::Go, self::home(9.29, [], width: 13.91, by: Instrument::DepthMicrometer)->verdict->level);
        self::assertNotSame(Level::Go, self::home(9.29, [], width: 14.0, by: Instrument::DepthMicrometer)->verdict->level);
        self::assertSame(
            Level::Go,
            self::home(9.29, [], by: Instrument::DepthMicrometer)->verdict->level,
            'the number allows a narrower ring',
        );
    }

    public function test_home_needs_something_to_go_by(): void
    {
        foreach (
            [
                static fn () => self::home(null),
                static fn () => new HomeInput(
                    Length::mm(14),
                    Reading::mm(5, Instrument::DepthCaliper),
                    Reading::mm(1, Instrument::DepthCaliper),
                ),
            ] as $try
        ) {
            try {
                $try();
                self::fail('was taken');
            } catch (InvalidInput $invalid) {
                self::assertNotNull($invalid->field);
            }
        }
    }

    public function test_two_signs_of_the_hand_carry_a_reading_only_so_far(): void
    {
        $both = [HomeSign::NoteChanged, HomeSign::FeelerRefused];
        $key = static fn (float $depth): string => self::home($depth, $both)->verdict->headline->key;
        self::assertSame('home.doubt', $key(9.12), 'eight hundredths short');
        self::assertSame('home.home', $key(9.15), 'five hundredths short');
        self::assertSame('home.home', $key(9.31));
        self::assertSame('home.doubt', $key(9.34), 'deeper than the shoulder allows, nearly');
    }
}
