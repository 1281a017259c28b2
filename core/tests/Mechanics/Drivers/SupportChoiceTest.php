<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Drivers;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Drivers\SupportChoice;
use CleanRace\Core\Mechanics\Drivers\SupportChoiceInput;
use CleanRace\Core\Mechanics\Drivers\ToolInput;
use CleanRace\Core\Tables\Limits;
use PHPUnit\Framework\TestCase;

/** What the hub stands on. */
final class SupportChoiceTest extends TestCase
{
    public function test_the_hub_stands_on_the_closest_ring_that_lets_through_what_must_pass(): void
    {
        $work = static fn (array $supports): \CleanRace\Core\Mechanics\Drivers\SupportChoiceResult => (new SupportChoice(
            Limits::standard(),
        ))->work(new SupportChoiceInput(Length::mm(47), Length::mm(66), Length::mm(22), array_values($supports)));
        $ring = static fn (string $name, float $opening, float $height): ToolInput => new ToolInput(
            $name,
            Length::mm($opening + 8),
            Length::mm($opening),
            Length::mm($height),
        );
        self::assertSame(
            'close',
            $work([$ring('wide', 60, 60), $ring('close', 50, 60), $ring('low', 49.5, 20), $ring('narrow', 48, 60)])->best,
        );
        self::assertNull($work([$ring('outside the hub', 70, 60)])->best);
        self::assertStringContainsString('49.00 mm apart', $work([])->verdict->sentence->inEnglish());
        self::assertEqualsWithDelta([49.0, 24.0], [$work([])->openingLeast->mm, $work([])->heightLeast->mm], 1e-9);
        $this->expectException(InvalidInput::class);
        new SupportChoiceInput(Length::mm(66), Length::mm(66));
    }
}
