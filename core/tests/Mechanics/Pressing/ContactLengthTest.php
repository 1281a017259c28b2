<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Pressing;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Pressing\PressForce;
use CleanRace\Core\Mechanics\Pressing\PressForceInput;
use CleanRace\Core\Tables\Limits;
use PHPUnit\Framework\TestCase;

/** What of a ring touches its seat: its width less both corners. */
final class ContactLengthTest extends TestCase
{
    private static function force(float $width, ?float $contact): float
    {
        return (new PressForce(Limits::standard()))->work(
            new PressForceInput(
                Length::mm(20),
                Length::mm(47),
                Length::mm($width),
                Length::mm(0.02),
                hubOutside: Length::mm(70),
                material: Material::Aluminium,
                contactLength: $contact === null ? null : Length::mm($contact),
            ),
        )->force->newtons;
    }

    public function test_both_corners_are_taken_off(): void
    {
        self::assertEqualsWithDelta(self::force(14, 14 - 2 * 1.0), self::force(14, null), 1e-6, 'of a 6204 the table has 1.0');
        $corner = Bearing::usualCorner(Length::mm(20), Length::mm(47), Length::mm(15))->mm;
        self::assertGreaterThan(0.5, $corner);
        self::assertEqualsWithDelta(self::force(15, 15 - 2 * $corner), self::force(15, null), 1e-6, 'by rule where it has none');
    }
}
