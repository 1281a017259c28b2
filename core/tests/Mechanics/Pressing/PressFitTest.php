<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Pressing;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Mechanics\Fit\Fit;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Pressing\PressFit;
use CleanRace\Core\Mechanics\Pressing\PressFitInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use PHPUnit\Framework\TestCase;

/** One set of readings: fit, heat, force, clearance. */
final class PressFitTest extends TestCase
{
    public function test_one_set_of_readings_gives_fit_heat_force_and_clearance(): void
    {
        $result = (new PressFit(Limits::standard()))->work(
            new PressFitInput(
                '6204 2RS',
                measured: Reading::mm(46.98, Instrument::BoreGauge),
                hubOutside: Length::mm(66),
                material: Material::Aluminium,
                room: Temperature::celsius(18),
            ),
        );
        self::assertSame([20.0, 47.0, 14.0], [$result->bore->mm, $result->outside->mm, $result->width->mm]);
        self::assertSame(Level::Go, $result->fit->verdict->level);
        self::assertEqualsWithDelta(($result->fit->decided->mm + 0.02) / (47 * 23e-6), $result->heat->rise->kelvin ?? 0.0, 1e-4);
        self::assertGreaterThan(0, $result->force?->force->newtons);
        self::assertGreaterThan(0, $result->clearance?->taken->mm);
        $tighter = (new PressFit(Limits::standard()))->work(
            new PressFitInput('6204 2RS', measured: Reading::mm(46.97, Instrument::BoreGauge), hubOutside: Length::mm(66)),
        );
        self::assertGreaterThan($result->force->force->newtons ?? INF, $tighter->force->force->newtons ?? 0.0);
        self::assertGreaterThan($result->heat->rise->kelvin ?? INF, $tighter->heat->rise->kelvin ?? 0.0);
    }

    public function test_what_is_missing_is_said_and_nothing_is_made_up(): void
    {
        $result = (new PressFit(Limits::standard()))->work(new PressFitInput('6204'));
        self::assertNull($result->force);
        self::assertNull($result->clearance);
        self::assertContains('press_fit.wall', array_map(static fn (Message $why): string => $why->key, $result->verdict->why));
        foreach ([[null, 'number'], ['6220', 'number'], ['rubbish', 'number']] as [$number, $field]) {
            try {
                (new PressFit(Limits::standard()))->work(new PressFitInput($number));
                self::fail((string) $number);
            } catch (InvalidInput $invalid) {
                self::assertSame($field, $invalid->field);
            }
        }
        $shaft = (new PressFit(Limits::standard()))->work(new PressFitInput('6206', seat: RingSeat::Shaft, feel: FitFeel::FirmDriving));
        self::assertSame(Level::Go, $shaft->fit->verdict->level);
        self::assertGreaterThan(0, $shaft->force?->force->newtons);
    }

    public function test_nothing_cheerful_stands_under_a_loose_fit(): void
    {
        foreach ([[47.03, null], [null, FitFeel::DropsIn], [47.0, FitFeel::ThumbPush]] as [$bore, $feel]) {
            $result = (new PressFit(Limits::standard()))->work(
                new PressFitInput(
                    '6204 2RS',
                    measured: $bore === null ? null : Reading::mm($bore, Instrument::BoreGauge),
                    feel: $feel,
                    hubOutside: Length::mm(66),
                    material: Material::Aluminium,
                ),
            );
            self::assertTrue($result->fit->loose);
            self::assertSame([null, null, null], [$result->heat, $result->force, $result->clearance]);
            self::assertNotSame([], $result->fit->remedies);
        }
    }
}
