<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\Wear;

use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Sizing\Wear\BoreDepth;
use CleanRace\Core\Sizing\Wear\BoreReading;
use CleanRace\Core\Sizing\Wear\BoreSurvey;
use CleanRace\Core\Sizing\Wear\BoreSurveyInput;
use CleanRace\Core\Sizing\Wear\BoreSurveyResult;
use CleanRace\Core\Tables\Limits;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What holds of ovality. */
final class BoreSurveyPropertiesTest extends TestCase
{
    use TestTrait;

    /** @param  array{int, int, int}  $um micrometres off 47.00, at 12, 2 and 4 */
    private static function survey(array $um, int $shift = 0): BoreSurveyResult
    {
        $clocks = ['12', '2', '4'];
        $readings = array_map(
            static fn (string $clock, int $off): BoreReading => new BoreReading(
                BoreDepth::Lip,
                Clock::read($clock),
                Reading::mm(47 + ($off + $shift) / 1000, Instrument::BoreGauge),
            ),
            $clocks,
            $um,
        );

        return (new BoreSurvey(Limits::standard()))->work(new BoreSurveyInput($readings));
    }

    public function test_ovality_does_not_care_which_direction_is_called_twelve_nor_how_wide_the_bore_is(): void
    {
        $this->limitTo(100)
            ->forAll(Generators::choose(-40, 40), Generators::choose(-40, 40), Generators::choose(-40, 40), Generators::choose(-50, 50))
            ->then(function (int $a, int $b, int $c, int $shift): void {
                $plain = self::survey([$a, $b, $c]);
                self::assertEqualsWithDelta($plain->ovality?->mm, self::survey([$b, $c, $a])->ovality?->mm, 1e-7);
                self::assertEqualsWithDelta($plain->ovality?->mm, self::survey([$c, $b, $a])->ovality?->mm, 1e-7);
                $wider = self::survey([$a, $b, $c], $shift);
                self::assertEqualsWithDelta($plain->ovality?->mm, $wider->ovality?->mm, 1e-6);
                self::assertEqualsWithDelta($plain->mean->value->mm + $shift / 1000, $wider->mean->value->mm, 1e-9);
            });
    }
}
