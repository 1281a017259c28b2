<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Seating\Home;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Seating\Home\HomeInput;
use CleanRace\Core\Seating\Home\HomeSign;
use PHPUnit\Framework\TestCase;

/** A shoulder holds at least half of a bearing: less is a reading from the wrong face. */
final class HomeInputTest extends TestCase
{
    public function test_a_shoulder_less_than_half_as_deep_as_the_bearing_is_wide_is_refused(): void
    {
        $signs = [HomeSign::cases()[0]];
        self::assertSame(
            8.0,
            (new HomeInput(Length::mm(14), Reading::mm(8, Instrument::DigitalCaliper), signs: $signs))->ledgeDepth?->value->mm,
        );
        $this->expectException(InvalidInput::class);
        new HomeInput(Length::mm(14), Reading::mm(6.9, Instrument::DigitalCaliper), signs: $signs);
    }
}
