<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Seating\Press;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Seating\Press\ForceCurve;
use CleanRace\Core\Seating\Press\PressSample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Middle and edges of a list of forces. */
final class ForceCurveTest extends TestCase
{
    /** @return iterable<string, array{list<float>, float, ?float}> values, share, what stands there */
    public static function shares(): iterable
    {
        yield 'none' => [[], 0.5, null];
        yield 'one' => [[7.0], 0.95, 7.0];
        yield 'the middle of five, whatever their order' => [[5.0, 1.0, 4.0, 2.0, 3.0], 0.5, 3.0];
        yield 'the lower of two middles' => [[1.0, 2.0, 3.0, 4.0], 0.5, 2.0];
        yield 'the least' => [[3.0, 1.0, 2.0], 0.0, 1.0];
        yield 'the most' => [[3.0, 1.0, 2.0], 1.0, 3.0];
        yield 'a quarter up' => [[0.0, 10.0, 20.0, 30.0, 40.0], 0.25, 10.0];
        yield 'nine tenths up' => [range(0.0, 100.0), 0.9, 90.0];
    }

    /** @param  list<float>  $values */
    #[DataProvider('shares')]
    public function test_what_stands_at_a_share(array $values, float $share, ?float $stands): void
    {
        self::assertSame($stands, ForceCurve::quantile($values, $share));
    }

    public function test_what_was_read_before_the_ring_moved_is_not_of_the_curve(): void
    {
        $sample = static fn (float $mm, float $newtons): PressSample => new PressSample(Length::mm($mm), Force::newtons($newtons));
        $curve = ForceCurve::of([$sample(-0.5, 900), $sample(0.0, 10), $sample(1.0, 110)], 10);
        self::assertEqualsWithDelta(1.0, $curve->travel(), 1e-9);
        self::assertEqualsWithDelta(10.0, $curve->force(0.0), 1e-9);
        self::assertEqualsWithDelta(60.0, $curve->force(0.5), 5.1, 'between two readings it lies on their line');
        self::assertEqualsWithDelta(110.0, $curve->force(7.0), 1e-9, 'past the end it is what it was there');
    }

    /** Nothing was read before the climb: where it began is told by the curve alone. */
    public function test_a_climb_that_was_read_from_its_middle_begins_where_the_curve_says(): void
    {
        $samples = [];
        for ($i = 0; $i <= 20; $i++) {
            $samples[] = new PressSample(Length::mm(1.0 + $i * 0.05), Force::newtons(2000 + 500 * $i));
        }
        $knee = ForceCurve::of($samples, 10)->knee(2000, 1.0, 50);
        self::assertNotNull($knee);
        self::assertEqualsWithDelta(0.87, $knee->at, 0.02);
        self::assertSame($knee->at, $knee->earliest);
    }

    public function test_without_a_sample_there_is_no_force(): void
    {
        self::assertSame(0.0, ForceCurve::of([], 10)->force(1.0));
    }

    public function test_a_stick_and_a_slip_are_seen_in_fifteen_samples(): void
    {
        $samples = [];
        for ($i = 0; $i < 15; $i++) {
            $samples[] = new PressSample(Length::mm($i * 0.05), Force::newtons($i % 2 === 0 ? 400 : 600));
        }
        $curve = ForceCurve::of($samples, 500);
        self::assertGreaterThan(0.1, $curve->roughness(0.0, 0.7), 'a fifth above and below its middle');
        self::assertSame(0.0, $curve->roughness(0.0, 0.4), 'nine are too few to tell');
    }
}
