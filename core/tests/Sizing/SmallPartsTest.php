<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing;

use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Typed\ThreeSizes;
use CleanRace\Core\Sizing\SmallParts\BallFinder;
use CleanRace\Core\Sizing\SmallParts\BallInput;
use CleanRace\Core\Sizing\SmallParts\BallReading;
use CleanRace\Core\Sizing\SmallParts\ORingFinder;
use CleanRace\Core\Sizing\SmallParts\ORingInput;
use CleanRace\Core\Sizing\SmallParts\PartFound;
use CleanRace\Core\Sizing\SmallParts\SealFinder;
use CleanRace\Core\Sizing\SmallParts\SealInput;
use CleanRace\Core\Sizing\SmallParts\SnapRingFinder;
use CleanRace\Core\Sizing\SmallParts\SnapRingInput;
use CleanRace\Core\Sizing\SmallParts\SplitPinFinder;
use CleanRace\Core\Sizing\SmallParts\SplitPinInput;
use CleanRace\Core\Sizing\SmallParts\TaperSet;
use CleanRace\Core\Sizing\SmallParts\TaperSetInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SmallPartsTest extends TestCase
{
    private static function caliper(?float $mm): ?Reading
    {
        return $mm === null ? null : Reading::mm($mm, Instrument::DigitalCaliper);
    }

    /** @return iterable<string, array{string, ?string}> printed, found */
    public static function printed(): iterable
    {
        yield 'shaft first' => ['35 62 7', '35 × 62 × 7 mm'];
        yield 'bore first' => ['62x45x6', '45 × 62 × 6 mm'];
        yield 'strokes' => ['25/47/7', null];
        yield 'inch fractions' => ['1 x 1 1/2 x 1/4', '25.4 × 38.1 × 6.35 mm'];
        yield 'dashes' => ['30-47-7', '30 × 47 × 7 mm'];
        yield 'no such stock size' => ['33 60 9', null];
    }

    #[DataProvider('printed')]
    public function test_a_seal_by_what_is_printed_in_either_order(string $printed, ?string $found): void
    {
        try {
            self::assertSame($found, self::seal(new SealInput($printed))->found);
        } catch (Nonsense) {
            self::assertNull($found);
        }
    }

    private static function seal(SealInput $input): PartFound
    {
        return (new SealFinder(Limits::standard()))->work($input);
    }

    public function test_a_seal_by_caliper_is_found_over_a_worn_track(): void
    {
        self::assertSame('35 × 62 × 7 mm', self::seal(new SealInput(null, self::caliper(34.85), self::caliper(62.04), self::caliper(7.1)))->found);
        $bore = self::seal(new SealInput(null, null, self::caliper(47.02)));
        self::assertSame(Level::Care, $bore->verdict->level);
        self::assertGreaterThan(3, count($bore->candidates));
        self::assertNotNull($bore->verdict->settledBy);
    }

    public function test_a_seal_refuses_what_cannot_be(): void
    {
        foreach ([[null, null, null], [null, 50.0, 40.0]] as [$printed, $shaft, $bore]) {
            try {
                new SealInput($printed, self::caliper($shaft), self::caliper($bore));
                self::fail('was taken');
            } catch (Nonsense $nonsense) {
                self::assertNotNull($nonsense->field);
            }
        }
        $this->expectException(Nonsense::class);
        self::seal(new SealInput('seal of unknown make'));
    }

    /** @return iterable<string, array{RingSeat, float, string, float, float}> seat, diameter, size, groove, thickness: typed from the standards */
    public static function rings(): iterable
    {
        yield 'DIN 472 47' => [RingSeat::Bore, 47.01, '47 mm', 49.5, 1.75];
        yield 'DIN 472 52' => [RingSeat::Bore, 52.0, '52 mm', 55, 2];
        yield 'DIN 472 62' => [RingSeat::Bore, 61.98, '62 mm', 65, 2];
        yield 'DIN 472 42' => [RingSeat::Bore, 42.0, '42 mm', 44.5, 1.75];
        yield 'DIN 471 20' => [RingSeat::Shaft, 20.0, '20 mm', 19, 1.2];
        yield 'DIN 471 25' => [RingSeat::Shaft, 24.98, '25 mm', 23.9, 1.2];
        yield 'DIN 471 40' => [RingSeat::Shaft, 40.0, '40 mm', 37.5, 1.75];
    }

    #[DataProvider('rings')]
    public function test_a_snap_ring_by_what_it_sits_in_or_on(RingSeat $seat, float $diameter, string $size, float $groove, float $thick): void
    {
        $found = (new SnapRingFinder(Limits::standard()))->work(new SnapRingInput(Reading::mm($diameter, Instrument::DigitalCaliper), $seat));
        self::assertStringContainsString($size, English::of($found->found));
        self::assertEqualsWithDelta([$groove, $thick], [$found->verdict->figures[0]->value->amount(), $found->verdict->figures[2]->value->amount()], 1e-6);
    }

    public function test_an_inch_ring_a_hair_from_a_metric_one_is_named_beside_it(): void
    {
        $found = (new SnapRingFinder(Limits::standard()))->work(new SnapRingInput(Reading::mm(34.98, Instrument::DigitalCaliper)));
        self::assertNull($found->found);
        self::assertEqualsCanonicalizing(['metric', 'inch'], array_map(static fn ($c): string => $c->system, $found->candidates));
    }

    public function test_grooves_are_deeper_than_the_wall_and_wider_than_the_ring_and_grow(): void
    {
        $last = [];
        foreach (Table::rows('snap_rings') as $row) {
            $key = $row['kind'].' '.$row['system'];
            $depth = ((float) $row['groove_mm'] - (float) $row['size_mm']) * ($row['kind'] === 'internal' ? 1 : -1);
            self::assertGreaterThan(0, $depth, $row['size_mm']);
            self::assertLessThan(0.15 * (float) $row['size_mm'], $depth, $row['size_mm']);
            self::assertGreaterThan((float) $row['thickness_mm'], (float) $row['groove_width_mm']);
            if (isset($last[$key])) {
                self::assertGreaterThan($last[$key][0], (float) $row['size_mm']);
                self::assertGreaterThan($last[$key][1], (float) $row['groove_mm']);
                self::assertGreaterThanOrEqual($last[$key][2], (float) $row['thickness_mm']);
            }
            $last[$key] = [(float) $row['size_mm'], (float) $row['groove_mm'], (float) $row['thickness_mm']];
        }
        self::assertCount(4, $last);
    }

    public function test_tables_of_small_parts_are_in_order_and_none_stands_twice(): void
    {
        foreach (['seals' => ['shaft_mm', 'bore_mm', 'width_mm'], 'balls' => ['diameter_mm'], 'split_pins' => ['size_mm'], 'o_rings' => ['inside_mm', 'section_mm']] as $table => $columns) {
            $keys = array_map(static fn (array $row): string => implode('|', array_map(static fn (string $c): string => $row[$c], $columns)), Table::rows($table));
            self::assertSame($keys, array_values(array_unique($keys)), $table);
        }
        foreach (Table::rows('seals') as $row) {
            self::assertGreaterThan(3, (float) $row['bore_mm'] - (float) $row['shaft_mm'], implode(' ', $row));
        }
        foreach (Table::rows('split_pins') as $i => $row) {
            self::assertLessThan((float) $row['size_mm'], (float) $row['pin_most_mm']);
            self::assertSame($i === 0 ? $row['bolt_over_mm'] : Table::rows('split_pins')[$i - 1]['bolt_upto_mm'], $row['bolt_over_mm'], 'ranges of bolts join');
        }
    }

    /** @param  list<float>  $mm */
    private static function balls(array $mm, Instrument $by = Instrument::DigitalCaliper): PartFound
    {
        return (new BallFinder(Limits::standard()))->work(new BallInput(array_map(static fn (float $d): BallReading => new BallReading(Length::mm($d)), $mm), $by));
    }

    public function test_balls_by_caliper_and_when_a_micrometer_is_needed(): void
    {
        self::assertSame('1/4 in', English::of(self::balls([6.35, 6.34, 6.36])->found));
        self::assertSame('3/16 in', English::of(self::balls([4.76])->found));
        $close = self::balls([3.97, 3.98]);
        self::assertNull($close->found);
        self::assertSame(Level::Care, $close->verdict->level);
        self::assertStringContainsString('micrometer', (string) $close->verdict->settledBy?->inEnglish());
        self::assertSame('5/32 in', English::of(self::balls([3.969, 3.968], Instrument::Micrometer)->found));
        self::assertSame('4 mm', English::of(self::balls([4.0, 3.999], Instrument::Micrometer)->found));
    }

    public function test_balls_that_differ_by_more_than_the_instrument_are_mixed(): void
    {
        self::assertSame('balls.mixed', self::balls([6.35, 6.35, 6.25])->verdict->headline->key);
        self::assertSame(Level::Stop, self::balls([6.35, 6.33], Instrument::Micrometer)->verdict->level);
        self::assertSame(Level::Go, self::balls([6.35, 6.33])->verdict->level);
        self::assertSame('balls.none', self::balls([11.5])->verdict->headline->key);
    }

    /** @return iterable<string, array{float, ?float, string, Level}> */
    public static function pins(): iterable
    {
        yield 'a castle nut M12' => [3.25, 12.0, 'Split pin 3.2', Level::Go];
        yield 'M20' => [5.1, 24.0, 'Split pin 5', Level::Go];
        yield 'odd for its thread' => [2.05, 20.0, 'Split pin 2, but look at the thread', Level::Care];
        yield 'worn hole' => [4.5, null, 'No pin has such a hole', Level::Care];
    }

    #[DataProvider('pins')]
    public function test_a_split_pin_by_its_hole(float $hole, ?float $thread, string $headline, Level $level): void
    {
        $verdict = (new SplitPinFinder(Limits::standard()))->work(new SplitPinInput(Reading::mm($hole, Instrument::DigitalCaliper), $thread === null ? null : Length::mm($thread)))->verdict;
        self::assertSame([$headline, $level], [$verdict->headline->inEnglish(), $verdict->level]);
    }

    public function test_an_o_ring_is_stretched_a_little_by_its_groove(): void
    {
        $found = (new ORingFinder(Limits::standard()))->work(new ORingInput(Reading::mm(19.3, Instrument::DigitalCaliper), Reading::mm(1.8, Instrument::DigitalCaliper)));
        self::assertSame('O-ring 018', English::of($found->found));
        self::assertSame('o_ring.none', (new ORingFinder(Limits::standard()))->work(new ORingInput(Reading::mm(80, Instrument::DigitalCaliper)))->verdict->headline->key);
    }

    /** @return iterable<string, array{string, string, ?bool, Level}> */
    public static function tapers(): iterable
    {
        yield 'a set' => ['LM11949', 'LM11910', true, Level::Go];
        yield 'written short' => ['lm 11949', 'LM 11910', true, Level::Go];
        yield 'one cup, two cones' => ['L44649', 'L44610', true, Level::Go];
        yield 'a metric one has one number' => ['30204', '30204', true, Level::Go];
        yield 'strangers' => ['LM11949', 'L44610', false, Level::Stop];
        yield 'metric strangers' => ['30204', '30205', false, Level::Stop];
        yield 'unknown' => ['LM99999', 'LM11910', null, Level::Care];
    }

    #[DataProvider('tapers')]
    public function test_a_cone_and_a_cup_belong_together_or_do_not(string $cone, string $cup, ?bool $belongs, Level $level): void
    {
        $result = (new TaperSet)->work(new TaperSetInput($cone, $cup));
        self::assertSame([$belongs, $level], [$result->belongs, $result->verdict->level]);
    }

    public function test_a_taper_says_which_number_cannot_be_read(): void
    {
        try {
            (new TaperSet)->work(new TaperSetInput('LM11949', 'nothing'));
            self::fail('was taken');
        } catch (Nonsense $nonsense) {
            self::assertSame('cup', $nonsense->field);
        }
    }

    /** @return iterable<int, array{string, list<string>}> */
    public static function threeSizes(): iterable
    {
        yield ['15x28x7', ['15', '28', '7']];
        yield ['15 × 28 × 7 mm', ['15 mm', '28 mm', '7 mm']];
        yield ['5/8 x 1 3/8 x 7/16', ['5/8 in', '1 3/8 in', '7/16 in']];
        yield ['1 x 1 1/2 x 1/4', ['1 in', '1 1/2 in', '1/4 in']];
        yield ['5/8 x 1 3/8 x 7/16 in', ['5/8 in', '1 3/8 in', '7/16 in']];
        yield ['15 28 7', ['15', '28', '7']];
        yield ['15-28-7', ['15', '28', '7']];
        yield ['47 x 20', ['47', '20']];
        yield ['6204', []];
        yield ['6204 2RS', []];
        yield ['axle x hub', []];
        yield ['1 x 2 x 3 x 4', []];
    }

    /** @param  list<string>  $parts */
    #[DataProvider('threeSizes')]
    public function test_sizes_run_together_are_taken_apart(string $typed, array $parts): void
    {
        self::assertSame($parts, ThreeSizes::parts($typed));
    }
}
