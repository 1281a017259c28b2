<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Fit;

use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Fit\Felt;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Fit\Joint;
use CleanRace\Core\Mechanics\Fit\ShaftFit;
use CleanRace\Core\Mechanics\Fit\ShaftFitInput;
use CleanRace\Core\Mechanics\Fit\SlidingFit;
use CleanRace\Core\Mechanics\Fit\SlidingFitInput;
use CleanRace\Core\Tables\Limits;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What holds of fits on a shaft, and of hands. */
final class ShaftFitPropertiesTest extends TestCase
{
    use TestTrait;

    public function test_a_larger_shaft_is_never_less_sure_to_grip_and_never_surer_to_slide(): void
    {
        $this->limitTo(60)
            ->forAll(Generators::choose(-60, 40), Generators::elements(Instrument::Micrometer, Instrument::DigitalCaliper))
            ->then(function (int $um, Instrument $by): void {
                $grips = static fn (int $off): float => (new ShaftFit(Limits::standard()))->work(
                    new ShaftFitInput(Length::mm(30), Reading::mm(30 + $off / 1000, $by)),
                )->probabilityGrips->share;
                self::assertGreaterThanOrEqual($grips($um) - 1e-9, $grips($um + 5));
                $gap = static fn (int $off): float => (new SlidingFit(Limits::standard()))->work(
                    new SlidingFitInput(Length::mm(30), Reading::mm(30 + $off / 1000, $by)),
                )->interference->mm;
                self::assertGreaterThan($gap($um), $gap($um + 5));
            });
    }

    public function test_hands_move_a_fit_towards_what_they_felt(): void
    {
        foreach (FitFeel::cases() as $feel) {
            $joint = Joint::usual(RingSeat::Shaft, Length::mm(30));
            [$low, $high] = (new Felt(Limits::standard(), $feel, $joint))->band();
            $fit = (new ShaftFit(Limits::standard()))->work(new ShaftFitInput(Length::mm(30), null, null, $feel))->decided->mm;
            self::assertGreaterThanOrEqual($low - 0.006, $fit, $feel->value);
            self::assertLessThanOrEqual($high + 0.006, $fit, $feel->value);
        }
    }
}
