<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Practice\Bench;

use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Fit\Joint;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Practice\Bench\Hands;
use CleanRace\Core\Tables\Limits;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;

/** How hands and instruments of the simulated bench behave. */
final class HandsTest extends TestCase
{
    /** @return iterable<string, array{float, FitFeel}> */
    public static function felt(): iterable
    {
        yield 'rattles' => [-0.2, FitFeel::Rattles];
        yield 'drops' => [-0.035, FitFeel::DropsIn];
        yield 'thumb' => [-0.012, FitFeel::ThumbPush];
        yield 'taps' => [0.010, FitFeel::LightTaps];
        yield 'driving' => [0.03, FitFeel::FirmDriving];
        yield 'will not start' => [0.08, FitFeel::WillNotStart];
    }

    #[DataProvider('felt')]
    public function test_hands_feel_what_their_bands_say(float $interference, FitFeel $feel): void
    {
        self::assertSame($feel, Hands::surely($interference, Joint::usual(RingSeat::Bore, Length::mm(47)), Limits::standard()));
    }

    public function test_an_error_has_the_spread_it_is_asked_for(): void
    {
        $chance = new Chance(new Mt19937(1));
        $errors = array_map(static fn (): float => $chance->error(0.5), range(1, 4000));
        $mean = array_sum($errors) / 4000;
        self::assertEqualsWithDelta(0.0, $mean, 0.04);
        self::assertEqualsWithDelta(0.5, sqrt(array_sum(array_map(static fn (float $e): float => $e ** 2, $errors)) / 4000), 0.03);
    }
}
