<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Pressing;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Pressing\PressForce;
use CleanRace\Core\Mechanics\Pressing\PressForceInput;
use CleanRace\Core\Mechanics\Pressing\PressForceResult;
use CleanRace\Core\Tables\Limits;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What forces grow with. */
final class PressForceGrowthTest extends TestCase
{
    use TestTrait;

    /** @param  array<string, mixed>  $changed */
    private static function force(array $changed): PressForceResult
    {
        return (new PressForce(Limits::standard()))->work(
            new PressForceInput(
                ...$changed + [
                    'bore' => Length::mm(30),
                    'outside' => Length::mm(62),
                    'width' => Length::mm(16),
                    'interference' => Length::mm(0.02),
                ],
            ),
        );
    }

    public function test_force_grows_with_the_fit_and_with_what_is_behind_it(): void
    {
        $this->limitTo(100)
            ->forAll(
                Generators::choose(6, 60),
                Generators::choose(66, 140),
                Generators::choose(0, 28),
                Generators::elements(...Material::cases()),
            )
            ->then(function (int $um, int $hub, int $hole, Material $material): void {
                $at = static fn (float $mm, int $outside): float => self::force([
                    'interference' => Length::mm($mm),
                    'hubOutside' => Length::mm($outside),
                    'material' => $material,
                ])->force->newtons;
                self::assertGreaterThan($at($um / 1000, $hub), $at(($um + 2) / 1000, $hub));
                self::assertGreaterThan($at($um / 1000, $hub), $at($um / 1000, $hub + 6));
                $shaft = static fn (int $hole): PressForceResult => self::force([
                    'interference' => Length::mm($um / 1000),
                    'seat' => RingSeat::Shaft,
                    'shaftHole' => Length::mm($hole),
                ]);
                self::assertGreaterThanOrEqual($shaft($hole + 1)->force->newtons, $shaft($hole)->force->newtons);
                self::assertEqualsWithDelta(
                    2.5,
                    $shaft($hole)->removal->newtons / $shaft($hole)->force->newtons,
                    1e-9,
                    '1.5 × 0.20 / 0.12',
                );
                self::assertGreaterThanOrEqual(
                    $shaft($hole)->pressure->megapascals,
                    $shaft($hole)->hoopStress->megapascals,
                    'a stretched ring is stressed more than it is pressed',
                );
            });
    }
}
