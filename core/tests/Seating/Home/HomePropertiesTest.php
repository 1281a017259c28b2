<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Seating\Home;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Seating\Home\Home;
use CleanRace\Core\Seating\Home\HomeInput;
use CleanRace\Core\Seating\Home\PairFeel;
use CleanRace\Core\Seating\Home\SecondBearing;
use CleanRace\Core\Seating\Home\SecondBearingInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What holds of rings on their way home. */
final class HomePropertiesTest extends TestCase
{
    use TestTrait;

    public function test_driving_on_brings_a_ring_home_and_never_away_again(): void
    {
        $last = Level::Stop;
        for ($depth = 8.0; $depth <= 9.24; $depth += 0.02) {
            $level = (new Home(Limits::standard()))->work(
                new HomeInput(
                    Length::mm(14),
                    Reading::mm(23.2, Instrument::DepthMicrometer),
                    Reading::mm($depth, Instrument::DepthMicrometer),
                ),
            )->verdict->level;
            self::assertLessThanOrEqual($last->rank(), $level->rank(), sprintf('at %.2f', $depth));
            $last = $level;
        }
        self::assertSame(Level::Go, $last);
    }

    public function test_what_is_left_falls_as_the_second_goes_in_and_then_it_is_too_far(): void
    {
        $reading = static fn (float $mm): Reading => Reading::mm($mm, Instrument::DepthMicrometer);
        $seen = [];
        for ($depth = 7.0; $depth <= 9.8; $depth += 0.05) {
            $result = (new SecondBearing(Limits::standard()))->work(
                new SecondBearingInput(
                    $reading(104),
                    $reading(9.2),
                    Length::mm(14),
                    $reading(57.6),
                    Length::mm(14),
                    $reading($depth),
                    feel: [PairFeel::NudgesOnly],
                ),
            );
            self::assertEqualsWithDelta(9.2 - $depth, $result->toGo?->mm, 1e-9);
            $seen[] = $result->verdict->level->value;
        }
        $order = array_values(
            array_filter($seen, static fn (string $level, int $i): bool => $i === 0 || $seen[$i - 1] !== $level, ARRAY_FILTER_USE_BOTH),
        );
        self::assertSame(['care', 'go', 'stop'], $order);
    }
}
