<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Measure;

use CleanRace\Core\Measure\Belief;
use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Length;
use PHPUnit\Framework\TestCase;

/** Several pieces of evidence of one length. */
final class BeliefTest extends TestCase
{
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
        $belief = Belief::between(-0.1, 0.1, 2001)->band(0.008, 0.03, 0.003);
        self::assertGreaterThan(0.95, $belief->probabilityAtLeast(0.005));
        self::assertLessThan(0.999, $belief->probabilityAtLeast(0.008));
        self::assertGreaterThan(0.0, 1 - $belief->probabilityAtLeast(0.008));
    }

    public function test_evidence_that_contradicts_is_known_as_such(): void
    {
        $belief = Belief::between(-0.3, 0.15)->reading(new Estimate(-0.15, 0.01));
        self::assertTrue($belief->band(0.008, 0.03, 0.003)->clashes);
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
}
