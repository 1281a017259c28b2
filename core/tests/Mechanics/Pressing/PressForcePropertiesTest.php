<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Pressing;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Fit\Fit;
use CleanRace\Core\Mechanics\Pressing\PressForce;
use CleanRace\Core\Mechanics\Pressing\PressForceInput;
use CleanRace\Core\Tables\Limits;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What holds of pressing forces whatever the fit. */
final class PressForcePropertiesTest extends TestCase
{
    use TestTrait;

    public function test_force_is_proportional_to_what_presses_and_never_negative(): void
    {
        $this->limitTo(80)
            ->forAll(Generators::choose(0, 60), Generators::choose(50, 90), Generators::elements(...Material::cases()))
            ->then(function (int $um, int $hub, Material $material): void {
                $force = static fn (float $mm) => (new PressForce(Limits::standard()))->work(
                    new PressForceInput(
                        Length::mm(20),
                        Length::mm(47),
                        Length::mm(14),
                        Length::mm($mm),
                        Length::mm($hub),
                        material: $material,
                    ),
                );
                $one = $force(0.005 + $um / 1000);
                $two = $force(0.005 + (2 * $um) / 1000);
                self::assertGreaterThanOrEqual(0, $one->force->newtons);
                self::assertEqualsWithDelta(2 * $one->force->newtons, $two->force->newtons, 1e-6);
                self::assertGreaterThanOrEqual(
                    $one->pressure->megapascals,
                    $one->hoopStress->megapascals,
                    'the wall carries more than the joint',
                );
                self::assertGreaterThanOrEqual(2000.0, $one->stop->newtons);
                self::assertGreaterThanOrEqual($one->forceHigh->newtons, $one->stop->newtons);
            });
    }
}
