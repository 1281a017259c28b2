<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Warmth;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Mechanics\Warmth\HeatClock;
use CleanRace\Core\Mechanics\Warmth\HeatClockInput;
use CleanRace\Core\Mechanics\Warmth\HubMass;
use CleanRace\Core\Tables\Limits;
use PHPUnit\Framework\TestCase;

/** How long a warm hub stays warm enough. */
final class HeatClockTest extends TestCase
{
    public function test_a_warm_hub_leaves_so_many_seconds(): void
    {
        $work = static fn (
            float $hub,
            float $interference = 0.02,
            HubMass $mass = HubMass::Medium,
        ): \CleanRace\Core\Mechanics\Warmth\HeatClockResult => (new HeatClock(Limits::standard()))->work(
            new HeatClockInput(Temperature::celsius($hub), Temperature::celsius(18), Length::mm(47), Length::mm($interference), $mass),
        );
        $result = $work(85);
        // 0.020 / (47 × 23e-6) = 18.5 K; τ = 1.6 × 900 / (12 × 0.085) = 1411.8 s; 0.7 · τ · ln(67 / 18.5)
        self::assertEqualsWithDelta(36.5, $result->needed->celsius, 0.05);
        self::assertEqualsWithDelta(1411.8, $result->timeConstant->seconds, 0.1);
        self::assertEqualsWithDelta(0.7 * 1411.76 * log(67 / 18.501), $result->left?->seconds, 0.5);
        self::assertSame('clock.no_hurry', $work(85, -0.01)->verdict->headline->key);
        self::assertSame(['clock.late', 0.0], [$work(30)->verdict->headline->key, $work(30)->left?->seconds]);
        self::assertSame('clock.short', $work(37.5, 0.02, HubMass::Light)->verdict->headline->key);
        self::assertLessThan($work(100)->left?->seconds, $work(90)->left?->seconds);
        self::assertLessThan(
            $work(85, 0.02, HubMass::Heavy)->timeConstant->seconds,
            $work(85, 0.02, HubMass::Light)->timeConstant->seconds,
        );
        $this->expectException(InvalidInput::class);
        $work(10);
    }

    public function test_specific_heats_are_those_of_the_metals(): void
    {
        // Heavier atoms hold less heat by weight (Dulong and Petit): magnesium, aluminium, iron, zinc in this order.
        $heats = array_map(static fn (Material $m): float => $m->specificHeat(), [
            Material::Magnesium,
            Material::Aluminium,
            Material::Steel,
            Material::Zinc,
        ]);
        $sorted = $heats;
        rsort($sorted);
        self::assertSame($sorted, $heats);
        foreach (
            [[Material::Aluminium, 27.0], [Material::Magnesium, 24.3], [Material::Steel, 55.8], [Material::Zinc, 65.4]] as [$metal, $weight]
        ) {
            self::assertEqualsWithDelta(24.9, ($metal->specificHeat() * $weight) / 1000, 2.5, $metal->value);
        }
    }
}
