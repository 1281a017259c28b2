<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sourcing;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Sourcing\MatchCheck;
use CleanRace\Core\Sourcing\MatchCheckInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a caliper shows of a new bearing: a few hundredths are the caliper's, a tenth is another bearing. */
final class MatchTolerancesTest extends TestCase
{
    #[TestWith([20.0, Level::Go])]
    #[TestWith([20.06, Level::Go])]
    #[TestWith([20.17, Level::Stop])]
    #[TestWith([19.83, Level::Stop])]
    public function test_a_bore_that_is_a_tenth_and_a_half_off_is_another_bearing(float $bore, Level $level): void
    {
        $checked = (new MatchCheck(Limits::standard()))->work(
            new MatchCheckInput(
                '6204 2RS',
                '6204-2RSR',
                Reading::mm($bore, Instrument::DigitalCaliper),
                Reading::mm(47.0, Instrument::DigitalCaliper),
                Reading::mm(14.0, Instrument::DigitalCaliper),
            ),
        );
        self::assertSame($level, $checked->verdict->level);
    }
}
