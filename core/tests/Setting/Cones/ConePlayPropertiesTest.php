<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Setting\Cones;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Setting\Cones\AxleKind;
use CleanRace\Core\Setting\Cones\ConePlay;
use CleanRace\Core\Setting\Cones\ConePlayInput;
use CleanRace\Core\Tables\Limits;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What holds of play at the rim. */
final class ConePlayPropertiesTest extends TestCase
{
    use TestTrait;

    private static function caliper(float $mm): Reading
    {
        return Reading::mm($mm, Instrument::DigitalCaliper);
    }

    public function test_rim_play_goes_with_end_play_and_a_longer_lever_shows_more(): void
    {
        $this->limitTo(200)
            ->forAll(Generators::choose(1, 40), Generators::choose(150, 350), Generators::choose(30, 80), Generators::choose(15, 30))
            ->then(static function (int $rim, int $radius, int $spacing, int $circle): void {
                $work = static fn (float $play, float $r) => (new ConePlay(Limits::standard()))->work(
                    new ConePlayInput(self::caliper($play), Length::mm($r), Length::mm($spacing), Length::mm($circle)),
                );
                $one = $work($rim / 10, $radius);
                self::assertEqualsWithDelta(2 * $one->endPlay->mm, $work($rim / 5, $radius)->endPlay->mm, 1e-9);
                self::assertLessThan($one->endPlay->mm, $work($rim / 10, $radius + 20)->endPlay->mm);
                self::assertEqualsWithDelta($one->coneTurn->degrees, 60 * $one->flats, 1e-9);
                self::assertEqualsWithDelta($one->coneTurn->degrees, 6 * $one->minutes, 1e-9);
                self::assertSame(0.0, $one->shortening->mm, 'nuts do not shorten a solid axle');
            });
    }

    public function test_a_lever_takes_more_of_a_thinner_axle(): void
    {
        $take = static fn (string $thread, float $bore): float => (new ConePlay(Limits::standard()))->work(
            new ConePlayInput(
                self::caliper(0.5),
                Length::mm(290),
                Length::mm(52),
                Length::mm(21),
                $thread,
                AxleKind::QuickRelease,
                Length::mm($bore),
            ),
        )->shortening->mm;
        self::assertGreaterThan($take('M10 × 1', 5), $take('M9 × 1', 5));
        self::assertGreaterThan($take('M10 × 1', 4), $take('M10 × 1', 5));
    }
}
