<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Measure;

use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Readings and estimates. */
final class ReadingTest extends TestCase
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
        $this->expectException(InvalidInput::class);
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
        yield [3.0, 0.99865];
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
}
