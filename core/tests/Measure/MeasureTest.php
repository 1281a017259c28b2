<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Measure;

use CleanRace\Core\Measure\Belief;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Typed\TemperatureText;
use CleanRace\Core\Measure\Typed\TorqueText;
use CleanRace\Core\Notebook\Notebook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MeasureTest extends TestCase
{
    public function test_a_reading_knows_how_good_its_instrument_is(): void
    {
        self::assertEqualsWithDelta(0.5 / sqrt(3), Reading::mm(10, Instrument::SteelRule)->sigma(), 1e-12);
        self::assertEqualsWithDelta(0.005 / sqrt(3), Reading::mm(10, Instrument::Micrometer)->sigma(), 1e-12);
        self::assertNull(Reading::of(Length::mm(10), Length::mm(0.1))->instrument);
        foreach (Instrument::cases() as $instrument) {
            self::assertGreaterThan(0, $instrument->halfWidth()->mm);
            self::assertNotSame('', $instrument->label());
        }
    }

    public function test_an_uncertainty_is_never_negative(): void
    {
        $this->expectException(Nonsense::class);
        Reading::of(Length::mm(1), Length::mm(-0.1));
    }

    public function test_estimates_combine_by_root_of_sum_of_squares(): void
    {
        $sum = (new Estimate(10, 3))->minus(new Estimate(4, 4));
        self::assertEqualsWithDelta(6.0, $sum->mean, 1e-12);
        self::assertEqualsWithDelta(5.0, $sum->sigma, 1e-12);
        self::assertEqualsWithDelta(10.0, $sum->spread(), 1e-12);
    }

    /** @return iterable<array{float, float}> z and the tables' value */
    public static function normal(): iterable
    {
        yield [0.0, 0.5];
        yield [1.0, 0.841345];
        yield [-1.0, 0.158655];
        yield [1.96, 0.975002];
        yield [3.0, 0.998650];
    }

    #[DataProvider('normal')]
    public function test_the_normal_distribution_against_tables(float $z, float $phi): void
    {
        self::assertEqualsWithDelta($phi, Estimate::phi($z), 2e-6);
    }

    public function test_an_estimate_without_spread_is_a_plain_comparison(): void
    {
        self::assertSame(1.0, (new Estimate(1.0))->probabilityAtMost(1.0));
        self::assertSame(0.0, (new Estimate(1.1))->probabilityAtMost(1.0));
    }

    public function test_belief_of_one_reading_is_that_reading(): void
    {
        $belief = Belief::between(-1, 1, 2001)->reading(new Estimate(0.2, 0.05));
        self::assertEqualsWithDelta(0.2, $belief->estimate()->mean, 1e-4);
        self::assertEqualsWithDelta(0.05, $belief->estimate()->sigma, 1e-3);
        self::assertEqualsWithDelta(0.5, $belief->probabilityAtLeast(0.2), 0.02);
        self::assertFalse($belief->clashes);
    }

    public function test_two_readings_are_surer_than_one(): void
    {
        $one = Belief::between(-1, 1)->reading(new Estimate(0.2, 0.1));
        self::assertLessThan($one->estimate()->sigma, $one->reading(new Estimate(0.21, 0.1))->estimate()->sigma);
    }

    public function test_a_band_holds_most_of_the_belief_and_its_edges_are_soft(): void
    {
        $belief = Belief::between(-0.1, 0.1, 2001)->band(0.008, 0.030, 0.003);
        self::assertGreaterThan(0.95, $belief->probabilityAtLeast(0.005));
        self::assertLessThan(0.999, $belief->probabilityAtLeast(0.008));
        self::assertGreaterThan(0.0, 1 - $belief->probabilityAtLeast(0.008));
    }

    public function test_evidence_that_contradicts_is_known_as_such(): void
    {
        $belief = Belief::between(-0.3, 0.15)->reading(new Estimate(-0.15, 0.01));
        self::assertTrue($belief->band(0.008, 0.030, 0.003)->clashes);
        self::assertFalse($belief->band(-0.2, -0.05, 0.003)->clashes);
    }

    public function test_probability_falls_as_the_limit_rises(): void
    {
        $belief = Belief::between(-0.3, 0.15, 301)->reading(new Estimate(0.01, 0.02));
        $last = 1.0;
        for ($limit = -0.2; $limit < 0.1; $limit += 0.01) {
            $p = $belief->probabilityAtLeast($limit);
            self::assertLessThanOrEqual($last + 1e-12, $p);
            $last = $p;
        }
    }

    /** @return iterable<array{string|int, string}> */
    public static function hours(): iterable
    {
        yield ['12', '12'];
        yield [12, '12'];
        yield ['0', '12'];
        yield ['3', '3'];
        yield ['1:30', '1:30'];
        yield ['1.5', '1:30'];
        yield ['11:30', '11:30'];
    }

    #[DataProvider('hours')]
    public function test_reads_an_hour(string|int $said, string $text): void
    {
        self::assertSame($text, Clock::read($said)->text());
    }

    #[DataProvider('notHours')]
    public function test_refuses_what_is_not_on_a_clock(string $said): void
    {
        $this->expectException(Nonsense::class);
        Clock::read($said);
    }

    /** @return iterable<array{string}> */
    public static function notHours(): iterable
    {
        yield ['13'];
        yield ['-1'];
        yield ['1:15'];
        yield ['noon'];
        yield [''];
    }

    public function test_an_angle_finds_its_half_hour_all_the_way_round(): void
    {
        for ($half = 0; $half < 24; $half++) {
            $clock = Clock::nearest($half * M_PI / 12 + 0.05);
            self::assertEqualsWithDelta($half / 2, $clock->hours, 1e-9);
            self::assertEqualsWithDelta($half * M_PI / 12, $clock->radians(), 1e-9);
        }
        self::assertSame('11:30', Clock::nearest(-M_PI / 12)->text());
    }

    public function test_reads_torques_in_the_units_of_manuals(): void
    {
        $text = new TorqueText;
        self::assertEqualsWithDelta(45.0, $text->read('45')->newtonMetres, 1e-9);
        self::assertEqualsWithDelta(45.0, $text->read('45 Nm')->newtonMetres, 1e-9);
        self::assertEqualsWithDelta(45.0, $text->read('45 N·m')->newtonMetres, 1e-9);
        self::assertEqualsWithDelta(44.74, $text->read('33 ft-lb')->newtonMetres, 0.01);
        self::assertEqualsWithDelta(44.74, $text->read('33 ft lbs')->newtonMetres, 0.01);
        self::assertEqualsWithDelta(10.17, $text->read('90 in-lb')->newtonMetres, 0.01);
        self::assertEqualsWithDelta(2.5, $text->read('2,5')->newtonMetres, 1e-9);
    }

    /** @return iterable<array{string}> */
    public static function notTorques(): iterable
    {
        foreach (['', 'tight', '-5', '45 stone', '0', '20000', '4 5'] as $typed) {
            yield [$typed];
        }
    }

    #[DataProvider('notTorques')]
    public function test_refuses_what_is_no_torque(string $typed): void
    {
        $this->expectException(Nonsense::class);
        (new TorqueText)->read($typed);
    }

    public function test_reads_the_temperature_of_a_shop(): void
    {
        $text = TemperatureText::ofShop();
        self::assertEqualsWithDelta(18.0, $text->read('18')->celsius, 1e-9);
        self::assertEqualsWithDelta(18.5, $text->read('18,5 °C')->celsius, 1e-9);
        self::assertEqualsWithDelta(17.78, $text->read('64 F')->celsius, 0.01);
        self::assertEqualsWithDelta(-4.0, $text->read('-4')->celsius, 1e-9);
        foreach (['', 'warm', '200', '18 K'] as $typed) {
            try {
                $text->read($typed);
                self::fail($typed);
            } catch (Nonsense $nonsense) {
                self::assertNotSame('', $nonsense->getMessage());
            }
        }
    }

    public function test_a_notebook_gives_each_entry_as_what_it_is(): void
    {
        $notebook = new Notebook([
            'a' => ['value' => ['mm' => 3.1], 'instrument' => 'micrometer'],
            'b' => ['value' => ['choice' => 'left'], 'instrument' => null],
            'c' => ['value' => ['choices' => ['x', 'y', 3]], 'instrument' => null],
            'd' => ['value' => ['done' => true, 'text' => ''], 'instrument' => null],
            'e' => ['value' => ['nm' => 45, 'c' => 18.5], 'instrument' => null],
        ]);
        self::assertSame(Instrument::Micrometer, $notebook->reading('a')?->instrument);
        self::assertSame(3.1, $notebook->length('a')?->mm);
        self::assertSame(Instrument::DepthCaliper, (new Notebook(['a' => ['value' => ['mm' => 1], 'instrument' => null]]))->reading('a', Instrument::DepthCaliper)?->instrument);
        self::assertSame('left', $notebook->choice('b'));
        self::assertNull($notebook->choice('a'));
        self::assertSame(['x', 'y'], $notebook->choices('c'));
        self::assertTrue($notebook->done('d'));
        self::assertNull($notebook->text('d'), 'an empty text is no text');
        self::assertSame(45.0, $notebook->torque('e')?->newtonMetres);
        self::assertSame(18.5, $notebook->temperature('e')?->celsius);
        self::assertNull($notebook->reading('nowhere'));
    }

    public function test_a_notebook_is_not_changed_by_adding_to_it(): void
    {
        $before = new Notebook(['a' => ['value' => ['mm' => 1.0], 'instrument' => null]]);
        $after = $before->with('a', ['value' => ['mm' => 2.0], 'instrument' => null])->with('b', ['value' => ['order' => 1], 'instrument' => null]);
        self::assertSame(1.0, $before->length('a')?->mm);
        self::assertSame(2.0, $after->length('a')?->mm);
        self::assertFalse($after->with('a', ['value' => null, 'instrument' => null])->has('a'));
        self::assertSame(1, $after->count('b', 'order'));
        self::assertSame(0, $after->count('a', 'order'));
    }
}
