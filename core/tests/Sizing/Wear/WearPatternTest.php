<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\Wear;

use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Fit\WallLook;
use CleanRace\Core\Sizing\Wear\BoreDepth;
use CleanRace\Core\Sizing\Wear\BoreReading;
use CleanRace\Core\Sizing\Wear\BoreSurvey;
use CleanRace\Core\Sizing\Wear\BoreSurveyInput;
use CleanRace\Core\Sizing\Wear\BoreSurveyResult;
use CleanRace\Core\Sizing\Wear\SurveyedWall;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\TestCase;

/** Patterns of wear by readings and looks. */
final class WearPatternTest extends TestCase
{
    /**
     * @param  list<array{BoreDepth, float}>  $means
     * @param  list<WallLook>  $look
     */
    private static function survey(
        array $means,
        SurveyedWall $wall,
        array $look = [],
        ?float $ring = null,
        ?FitFeel $feel = null,
    ): BoreSurveyResult {
        $readings = [];
        foreach ($means as [$depth, $mm]) {
            foreach (['12', '2', '4'] as $clock) {
                $readings[] = new BoreReading($depth, Clock::read($clock), Reading::mm($mm, Instrument::Micrometer));
            }
        }

        return (new BoreSurvey(Limits::standard()))->work(
            new BoreSurveyInput($readings, $feel, $wall, $look, $ring === null ? null : Length::mm($ring)),
        );
    }

    public function test_wear_has_its_name_by_readings_and_by_looks(): void
    {
        $depths = static fn (float $lip, float $bottom): array => [[BoreDepth::Lip, $lip], [BoreDepth::Bottom, $bottom]];
        self::assertSame('mouth_corroded', self::survey($depths(47.06, 46.98), SurveyedWall::Bore, [WallLook::RustAtLip])->pattern);
        self::assertSame('mouth_opened', self::survey($depths(47.06, 46.98), SurveyedWall::Bore)->pattern);
        self::assertSame('crept', self::survey($depths(47.03, 47.03), SurveyedWall::Bore, ring: 47)->pattern);
        self::assertSame(
            'crept',
            self::survey([[BoreDepth::Lip, 47.0]], SurveyedWall::Bore, [WallLook::BrightBand], feel: FitFeel::DropsIn)->pattern,
        );
        self::assertSame('worn_inside', self::survey([[BoreDepth::Lip, 46.98]], SurveyedWall::Bore, [WallLook::GripsAtMouth])->pattern);
        self::assertNull(self::survey($depths(46.98, 46.98), SurveyedWall::Bore, ring: 47)->pattern);
    }

    public function test_shafts_are_stepped_and_seal_tracks_grooved(): void
    {
        $three = static fn (float $middle): array => [[BoreDepth::Lip, 20.0], [BoreDepth::Middle, $middle], [BoreDepth::Bottom, 20.0]];
        $stepped = self::survey($three(19.94), SurveyedWall::Shaft);
        self::assertSame(['stepped', Level::Stop], [$stepped->pattern, $stepped->verdict->level]);
        self::assertEqualsWithDelta(0.06, $stepped->step?->mm, 1e-9);
        self::assertSame(Level::Go, self::survey($three(19.99), SurveyedWall::Shaft)->verdict->level);
        self::assertNull(self::survey($three(19.94), SurveyedWall::SealTrack)->pattern, 'a lip may wear a little more');
        self::assertSame('grooved', self::survey($three(19.85), SurveyedWall::SealTrack)->pattern);
        self::assertSame('grooved', self::survey($three(20.0), SurveyedWall::SealTrack, [WallLook::ScoreCaught])->pattern);
    }

    public function test_a_wall_that_looks_bad_is_care_however_it_measures_and_its_map_sums_to_nothing(): void
    {
        $pitted = self::survey([[BoreDepth::Lip, 46.98], [BoreDepth::Bottom, 46.97]], SurveyedWall::Bore, [WallLook::Pits]);
        self::assertSame(Level::Care, $pitted->verdict->level);
        self::assertCount(6, $pitted->map);
        self::assertEqualsWithDelta(0.0, array_sum(array_map(static fn ($p): float => $p->off->mm, $pitted->map)), 1e-9);
    }
}
