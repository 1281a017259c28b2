<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Seating\Press;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Practice\Bench\PressSimulator;
use CleanRace\Core\Seating\Press\ForceCurve;
use CleanRace\Core\Seating\Press\PressEvent;
use CleanRace\Core\Seating\Press\PressKind;
use CleanRace\Core\Seating\Press\PressSample;
use CleanRace\Core\Seating\Press\PressShown;
use CleanRace\Core\Seating\Press\PressTrace;
use CleanRace\Core\Seating\Press\PressTraceInput;
use CleanRace\Core\Seating\Press\PressTraceResult;
use CleanRace\Core\Seating\Press\TraceCsv;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;

/** What a force–travel curve tells: whole, and while it comes. */
final class PressTraceTest extends TestCase
{
    private const GRIP = 12.0;

    private const HOME = 20.0;

    private const SLIDE = 1500.0;

    /** @param  list<PressSample>  $samples */
    private static function read(array $samples, bool $finished = true): PressTraceResult
    {
        return (new PressTrace(Limits::standard()))->work(
            new PressTraceInput(
                $samples,
                Length::mm(self::GRIP),
                Length::mm(self::HOME),
                Force::newtons(0.8 * self::SLIDE),
                Force::newtons(1.2 * self::SLIDE),
                $finished,
            ),
        );
    }

    /**
     * A curve without noise: so much force at each travel.
     *
     * @param  callable(float): float  $force
     * @return list<PressSample>
     */
    private static function curve(callable $force, float $until, float $step = 0.05): array
    {
        return array_map(
            static fn (float $mm): PressSample => new PressSample(Length::mm($mm), Force::newtons($force($mm))),
            range(0.0, $until, $step),
        );
    }

    private static function ramp(float $mm, float $slide = self::SLIDE, float $home = self::HOME): float
    {
        return $slide * min(1.0, $mm / self::GRIP) + max(0.0, $mm - $home) * 20_000;
    }

    public function test_a_plain_seating_is_read_exactly(): void
    {
        $result = self::read(self::curve(self::ramp(...), 20.4));
        self::assertSame(PressKind::Good, $result->kind);
        self::assertEqualsWithDelta(self::SLIDE, $result->slide?->newtons, 1);
        self::assertEqualsWithDelta(self::HOME, $result->knee?->mm, 0.06);
        self::assertSame(['start', 'slide', 'knee'], array_map(static fn (PressEvent $e): string => $e->name, $result->events));
        self::assertSame(2.4 * self::SLIDE, $result->alarm->newtons);
    }

    /** @return iterable<string, array{callable(float): float, float, PressKind, Level}> */
    public static function curves(): iterable
    {
        yield 'three times too tight' => [
            static fn (float $x): float => self::ramp($x, 3 * self::SLIDE),
            20.4,
            PressKind::Oversize,
            Level::Stop,
        ];
        yield 'next to nothing' => [
            static fn (float $x): float => self::ramp($x, 0.05 * self::SLIDE),
            20.4,
            PressKind::Loose,
            Level::Care,
        ];
        yield 'short by a millimetre' => [
            static fn (float $x): float => self::ramp($x, self::SLIDE, 19.0),
            19.4,
            PressKind::EarlyHome,
            Level::Stop,
        ];
        yield 'past by two' => [
            static fn (float $x): float => self::ramp($x, self::SLIDE, 40),
            22,
            PressKind::MissingSleeve,
            Level::Stop,
        ];
        yield 'home, but late' => [
            static fn (float $x): float => self::ramp($x, self::SLIDE, 21.5),
            21.9,
            PressKind::MissingSleeve,
            Level::Stop,
        ];
        yield 'wedged at the start' => [
            static fn (float $x): float => self::ramp($x) * (1 + 4 * exp(-$x / 4)),
            20.4,
            PressKind::Cocked,
            Level::Stop,
        ];
        yield 'a peak on the way' => [
            static fn (float $x): float => self::ramp($x) * (1 + 1.2 * exp(-((($x - 15) / 0.8) ** 2))),
            20.4,
            PressKind::DirtyBore,
            Level::Care,
        ];
        yield 'ended on the way' => [self::ramp(...), 14, PressKind::Going, Level::Care];
        yield 'hardly begun' => [self::ramp(...), 0.4, PressKind::Going, Level::Care];
    }

    /** @param  callable(float): float  $force */
    #[DataProvider('curves')]
    public function test_each_kind_is_named_from_its_shape(callable $force, float $until, PressKind $kind, Level $level): void
    {
        $result = self::read(self::curve($force, $until));
        self::assertSame([$kind, $level], [$result->kind, $result->verdict->level]);
        self::assertNotSame('', $result->verdict->sentence->inEnglish());
    }

    public function test_while_it_comes_it_is_steady_until_it_is_home(): void
    {
        $whole = self::curve(self::ramp(...), 20.4);
        $said = [];
        for ($n = 0; $n <= count($whole); $n += 8) {
            $said[] = self::read(array_slice($whole, 0, $n), false)->kind->value;
        }
        self::assertSame(['waiting', 'going', 'good'], array_values(array_unique($said)));
        self::assertSame(
            [Level::Go, 'press.going'],
            [
                self::read(array_slice($whole, 0, 200), false)->verdict->level,
                self::read(array_slice($whole, 0, 200), false)->verdict->headline->key,
            ],
        );
    }

    public function test_a_cocked_ring_is_told_before_a_third_of_it_is_in(): void
    {
        $samples = (new PressSimulator(new Chance(new Mt19937(8))))->trace(PressKind::Cocked, self::GRIP, self::HOME, self::SLIDE);
        $told = null;
        foreach ($samples as $n => $sample) {
            if ($n % 5 === 0 && self::read(array_slice($samples, 0, $n), false)->kind === PressKind::Cocked) {
                $told = $sample->travel->mm;
                break;
            }
        }
        self::assertLessThan(0.45 * self::GRIP, $told ?? INF);
    }

    public function test_a_thin_trace_and_a_dense_one_tell_the_same(): void
    {
        foreach ([0.02, 0.05, 0.1, 0.34, 0.68, 0.85] as $step) {
            $read = self::read(self::curve(self::ramp(...), 20.42, $step));
            self::assertSame(PressKind::Good, $read->kind, "a sample every $step mm");
            self::assertEqualsWithDelta(self::HOME, $read->knee->mm ?? 0.0, 0.45);
        }
    }

    public function test_the_curve_goes_forward_only_and_fills_what_was_not_sampled(): void
    {
        $sample = static fn (float $mm, float $n): PressSample => new PressSample(Length::mm($mm), Force::newtons($n));
        $curve = ForceCurve::of([$sample(-1, 5), $sample(0, 10), $sample(0.01, 20), $sample(0.2, 40)], 10);
        self::assertSame([15.0, 21.25, 27.5, 33.75, 40.0], $curve->forces, 'on the line between those beside it');
        self::assertEqualsWithDelta(0.2, $curve->travel(), 1e-9);
        self::assertNull(ForceCurve::median([]));
        self::assertSame(0.0, ForceCurve::of([], 10)->travel());
    }

    public function test_what_cannot_be_is_refused(): void
    {
        $wrong = [
            'samples' => static fn (): PressTraceInput => new PressTraceInput(
                array_fill(0, 6001, new PressSample(Length::mm(0), Force::newtons(0))),
                Length::mm(5),
                Length::mm(9),
                Force::newtons(1),
                Force::newtons(2),
            ),
            'force_low_n' => static fn (): PressTraceInput => new PressTraceInput(
                [],
                Length::mm(5),
                Length::mm(9),
                Force::newtons(3),
                Force::newtons(2),
            ),
            'home_mm' => static fn (): PressTraceInput => new PressTraceInput(
                [],
                Length::mm(12),
                Length::mm(5),
                Force::newtons(1),
                Force::newtons(2),
            ),
        ];
        foreach ($wrong as $field => $make) {
            try {
                $make();
                self::fail("$field was taken");
            } catch (InvalidInput $invalid) {
                self::assertSame($field, $invalid->field);
            }
        }
    }

    public function test_somebody_at_the_gauge_says_the_same_as_a_trace(): void
    {
        foreach (PressSimulator::KINDS as $kind) {
            $seen = PressShown::from($kind->value);
            $trace = self::read((new PressSimulator(new Chance(new Mt19937(5))))->trace($kind, self::GRIP, self::HOME, self::SLIDE));
            self::assertSame($trace->verdict->level, $seen->verdict()->level, $kind->value);
            self::assertNotSame('', $seen->label());
        }
    }

    public function test_a_trace_goes_through_csv_unchanged(): void
    {
        $samples = (new PressSimulator(new Chance(new Mt19937(2))))->trace(PressKind::Good, 8, 12, 900);
        $read = TraceCsv::read(TraceCsv::write($samples));
        self::assertCount(count($samples), $read);
        foreach ($samples as $i => $sample) {
            self::assertEqualsWithDelta($sample->travel->mm, $read[$i]->travel->mm, 1e-4);
            self::assertEqualsWithDelta($sample->force->newtons, $read[$i]->force->newtons, 0.01);
        }
        self::assertEqualsWithDelta(
            [25.4, 444.82],
            [
                TraceCsv::read("travel_in,load_lbf\n1,100\n")[0]->travel->mm,
                TraceCsv::read("travel_in,load_lbf\n1,100\n")[0]->force->newtons,
            ],
            0.01,
        );
    }

    /**
     * One sample in the rise: it may have begun as far back as the last sample of the slide.
     *
     * @return iterable<string, array{float, Level}>
     */
    public static function fewInTheRise(): iterable
    {
        yield 'a millimetre before the band of its place is unseen' => [18.5, Level::Care];
        yield 'just more than is let pass' => [18.95, Level::Care];
        yield 'just less' => [19.05, Level::Go];
    }

    #[DataProvider('fewInTheRise')]
    public function test_a_rise_that_no_sample_shows_is_looked_at(float $last, Level $level): void
    {
        $slide = array_map(
            static fn (int $mm): PressSample => new PressSample(Length::mm($mm), Force::newtons(self::SLIDE * min(1.0, $mm / self::GRIP))),
            range(0, 18),
        );
        $samples = [
            ...$slide,
            new PressSample(Length::mm($last), Force::newtons(self::SLIDE)),
            new PressSample(Length::mm(20.1), Force::newtons(16_000)),
        ];
        $read = self::read($samples);

        self::assertSame(PressKind::Good, $read->kind);
        self::assertSame($level, $read->verdict->level);
        self::assertSame($level === Level::Care ? 'press.unseen' : 'press.home', $read->verdict->headline->key);
    }

    public function test_a_ring_that_wedges_is_told_before_it_slides_by_the_first_third_of_its_way(): void
    {
        // High from an eighth of the way to its middle, half as much at the end: over a third of the way it is mostly high.
        $scaled = static fn (float $mm): float => $mm > 1.9 && $mm < 3.6 ? 3_500.0 : 1_500.0;
        $wedged = self::read(self::curve(static fn (float $mm): float => $scaled($mm) * min(1.0, $mm / self::GRIP), 6.0), false);
        self::assertSame(PressKind::Cocked, $wedged->kind);
        $steady = self::read(self::curve(static fn (float $mm): float => 3_500 * min(1.0, $mm / self::GRIP), 6.0), false);
        self::assertNotSame(PressKind::Cocked, $steady->kind, 'as high all the way is tight, not cocked');
    }

    public function test_a_rise_from_the_first_sample_on_is_no_slide(): void
    {
        $read = self::read(self::curve(static fn (float $mm): float => 9_000 * $mm, 2.0));
        self::assertNotSame(PressKind::Good, $read->kind);
    }
}
