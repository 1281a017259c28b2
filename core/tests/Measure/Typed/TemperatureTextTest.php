<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Measure\Typed;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Typed\TemperatureText;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Temperatures as people type them, and those that neither a shop nor a hub has. */
final class TemperatureTextTest extends TestCase
{
    #[TestWith(['18', 18.0])]
    #[TestWith(['-30', -30.0])]
    #[TestWith(['50 °C', 50.0])]
    #[TestWith(['64,4 F', 18.0])]
    #[TestWith(['-22f', -30.0])]
    public function test_a_shop(string $typed, float $celsius): void
    {
        self::assertEqualsWithDelta($celsius, TemperatureText::ofShop()->read($typed)->celsius, 1e-9);
    }

    #[TestWith(['-30.1'])]
    #[TestWith(['50.1'])]
    #[TestWith(['-23 F'])]
    #[TestWith(['warm'])]
    public function test_what_no_shop_is(string $typed): void
    {
        $this->expectException(InvalidInput::class);
        TemperatureText::ofShop()->read($typed);
    }

    #[TestWith(['250', true])]
    #[TestWith(['251', false])]
    #[TestWith(['-31', false])]
    #[TestWith(['482 F', true])]
    #[TestWith(['483 F', false])]
    public function test_a_hub_may_be_warmer(string $typed, bool $is): void
    {
        try {
            TemperatureText::ofHub()->read($typed);
            self::assertTrue($is);
        } catch (InvalidInput) {
            self::assertFalse($is);
        }
    }
}
