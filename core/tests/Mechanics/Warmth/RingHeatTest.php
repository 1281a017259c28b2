<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Warmth;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Mechanics\Warmth\RingHeat;
use CleanRace\Core\Mechanics\Warmth\RingHeatInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\TestCase;

/** A bearing warmed for its shaft. */
final class RingHeatTest extends TestCase
{
    public function test_a_bearing_is_warmed_for_a_shaft_and_never_past_what_its_seals_bear(): void
    {
        $heat = static fn (float $mm, bool $sealed) => (new RingHeat(Limits::standard()))->work(
            new RingHeatInput(Length::mm(30), Length::mm($mm), $sealed, Temperature::celsius(20)),
        );
        self::assertEqualsWithDelta(0.032 / (30 * 11.7e-6), $heat(0.012, false)->rise->kelvin, 1e-6);
        self::assertSame([Level::Care, 80.0], [$heat(0.012, true)->verdict->level, $heat(0.012, true)->target->celsius]);
        self::assertSame([Level::Care, 110.0], [$heat(0.03, false)->verdict->level, $heat(0.03, false)->target->celsius]);
        self::assertSame(Level::Go, $heat(0.0, true)->verdict->level);
    }
}
