<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Warmth;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Mechanics\Warmth\Heat;
use CleanRace\Core\Mechanics\Warmth\HeatInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What holds of warmth whatever the metal. */
final class HeatPropertiesTest extends TestCase
{
    use TestTrait;

    public function test_warming_by_what_is_asked_opens_the_bore_by_what_is_asked(): void
    {
        $this->limitTo(80)
            ->forAll(
                Generators::choose(22, 110),
                Generators::choose(0, 50),
                Generators::choose(-5, 35),
                Generators::elements(...Material::cases()),
            )
            ->then(function (int $outside, int $um, int $room, Material $material): void {
                $heat = (new Heat(Limits::standard()))->work(
                    new HeatInput(Length::mm($outside), Length::mm($um / 1000), $material, Temperature::celsius($room)),
                );
                $opened = $outside * $material->alpha() * $heat->rise->kelvin;
                self::assertEqualsWithDelta($um / 1000 + ($outside >= 30 ? 0.02 : 0.01), $opened, 1e-9);
                self::assertLessThanOrEqual($heat->limit->celsius, $heat->target->celsius);
                self::assertSame($heat->wanted->celsius > $heat->limit->celsius ? Level::Care : Level::Go, $heat->verdict->level);
            });
    }
}
