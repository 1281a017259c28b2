<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\Wear;

use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Fit\WallLook;
use CleanRace\Core\Sizing\Wear\BoreDepth;
use CleanRace\Core\Sizing\Wear\BoreReading;
use CleanRace\Core\Sizing\Wear\BoreSurvey;
use CleanRace\Core\Sizing\Wear\BoreSurveyInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\TestCase;

/** A bore surveyed: mean, ovality, taper, pattern. */
final class BoreSurveyTest extends TestCase
{
    /**
     * @param  list<array{BoreDepth, string, float}>  $readings
     * @param  list<WallLook>  $looks
     */
    private static function survey(
        array $readings,
        Instrument $by = Instrument::DigitalCaliper,
        ?FitFeel $feel = null,
        array $looks = [],
    ): \CleanRace\Core\Sizing\Wear\BoreSurveyResult {
        return (new BoreSurvey(Limits::standard()))->work(
            new BoreSurveyInput(
                array_map(
                    static fn (array $r): BoreReading => new BoreReading($r[0], Clock::read($r[1]), Reading::mm($r[2], $by)),
                    $readings,
                ),
                $feel,
                look: $looks,
            ),
        );
    }

    public function test_ovality_is_exact_for_an_ellipse_whichever_way_it_lies(): void
    {
        foreach (range(0, 170, 10) as $turn) {
            $diameter = static fn (int $clock): float => 47.0 + 0.04 * cos(2 * deg2rad($clock * 30 - $turn));
            $result = self::survey(
                [[BoreDepth::Lip, '12', $diameter(0)], [BoreDepth::Lip, '2', $diameter(2)], [BoreDepth::Lip, '4', $diameter(4)]],
                Instrument::BoreGauge,
            );
            self::assertEqualsWithDelta(0.08, $result->ovality?->mm, 1e-6, "turned $turn");
            self::assertSame('oval', $result->pattern);
            self::assertSame(Level::Stop, $result->verdict->level);
        }
    }

    public function test_a_caliper_tells_a_round_straight_bore_only_with_a_ring_that_grips_evenly(): void
    {
        $read = [
            [BoreDepth::Lip, '12', 46.98],
            [BoreDepth::Lip, '2', 46.98],
            [BoreDepth::Lip, '4', 46.99],
            [BoreDepth::Bottom, '12', 46.98],
            [BoreDepth::Bottom, '2', 46.97],
            [BoreDepth::Bottom, '4', 46.98],
        ];
        $by = static fn (?FitFeel $feel, WallLook ...$looks): Level => self::survey(
            $read,
            Instrument::DigitalCaliper,
            $feel,
            array_values($looks),
        )->verdict->level;
        self::assertSame([Level::Care, Level::Go, Level::Care], [$by(null), $by(FitFeel::LightTaps), $by(FitFeel::ThumbPush)]);
        foreach ([WallLook::BrightBand, WallLook::Pits, WallLook::ScoreCaught] as $look) {
            self::assertSame(Level::Care, $by(FitFeel::LightTaps, $look), $look->value);
        }
        $result = self::survey($read);
        self::assertNull($result->pattern);
        self::assertEqualsWithDelta(46.98, $result->mean->value->mm, 1e-9);
        self::assertEqualsWithDelta(0.03, $result->mean->halfWidth->mm, 1e-9);
    }

    public function test_patterns_of_wear_have_their_names(): void
    {
        $depths = static fn (float $lip, float $bottom): array => [
            [BoreDepth::Lip, '12', $lip],
            [BoreDepth::Lip, '2', $lip],
            [BoreDepth::Bottom, '12', $bottom],
            [BoreDepth::Bottom, '2', $bottom],
        ];
        self::assertSame('worn_inside', self::survey($depths(46.98, 47.05))->pattern);
        self::assertSame('mouth_opened', self::survey($depths(47.06, 46.98))->pattern);
        self::assertNull(self::survey($depths(46.98, 46.98))->pattern);
    }

    public function test_a_bore_at_the_limit_is_care_and_names_what_settles_it(): void
    {
        $result = self::survey([[BoreDepth::Lip, '12', 47.0], [BoreDepth::Bottom, '12', 46.972]]);
        self::assertSame(Level::Care, $result->verdict->level);
        self::assertNotNull($result->verdict->settledBy);
    }

    public function test_a_survey_refuses_the_same_place_twice_and_another_bore(): void
    {
        foreach (
            [
                [[BoreDepth::Lip, '12', 47.0], [BoreDepth::Lip, '12', 47.0]],
                [[BoreDepth::Lip, '12', 47.0], [BoreDepth::Lip, '2', 30.0]],
                [],
            ] as $readings
        ) {
            try {
                self::survey($readings);
                self::fail('was taken');
            } catch (InvalidInput $invalid) {
                self::assertSame('readings', $invalid->field);
            }
        }
    }
}
