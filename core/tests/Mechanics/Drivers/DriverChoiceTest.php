<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Drivers;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Drivers\DriverChoice;
use CleanRace\Core\Mechanics\Drivers\DriverChoiceInput;
use CleanRace\Core\Mechanics\Drivers\DriverChoiceResult;
use CleanRace\Core\Mechanics\Drivers\ToolInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which tool stands on the ring. */
final class DriverChoiceTest extends TestCase
{
    /** @param  list<ToolInput>  $tools */
    private static function driver(array $tools, float $depth = 9.2): DriverChoiceResult
    {
        return (new DriverChoice(Limits::standard()))->work(
            new DriverChoiceInput(Length::mm(20), Length::mm(47), $tools, Length::mm($depth)),
        );
    }

    private static function tool(float $outside, ?float $opening, float $length = 60, ToolKind $kind = ToolKind::Cup): ToolInput
    {
        return new ToolInput(
            "$outside",
            Length::mm($outside),
            $opening === null ? null : Length::mm($opening),
            Length::mm($length),
            $kind,
        );
    }

    /** @return iterable<string, array{ToolInput, Level, string}> */
    public static function tools(): iterable
    {
        yield 'good cup' => [self::tool(46.2, 37), Level::Go, 'driver.good'];
        yield 'as wide as the bore' => [self::tool(46.9, 37), Level::Stop, 'driver.too_wide'];
        yield 'too short' => [self::tool(46.2, 37, 15), Level::Stop, 'driver.too_short'];
        yield 'stands on the inner ring' => [self::tool(25, null), Level::Stop, 'driver.inner_only'];
        yield 'stands on the seal' => [self::tool(40, 30), Level::Stop, 'driver.too_little'];
        yield 'covers some' => [self::tool(44, 37), Level::Care, 'driver.some'];
        yield 'touches both rings' => [self::tool(46.4, null), Level::Care, 'driver.both'];
        yield 'chrome' => [self::tool(46.2, 37, 60, ToolKind::ChromeSocket), Level::Care, 'driver.chrome'];
    }

    #[DataProvider('tools')]
    public function test_each_tool_is_judged_by_where_it_stands(ToolInput $tool, Level $level, string $key): void
    {
        $fit = self::driver([$tool])->tools[0];
        self::assertSame([$level, $key], [$fit->level, $fit->reason->key]);
    }

    public function test_the_best_tool_comes_first_and_zones_are_right(): void
    {
        $result = self::driver([self::tool(25, null), self::tool(46.4, null), self::tool(45.5, 38), self::tool(46.2, 37)]);
        self::assertSame('46.2', $result->best);
        self::assertSame(
            [Level::Go, Level::Go, Level::Care, Level::Stop],
            array_map(static fn ($t): Level => $t->level, $result->tools),
        );
        self::assertEqualsWithDelta(47 - 0.21 * 27, $result->outerZoneInside->mm, 1e-9);
        self::assertEqualsWithDelta(20 + 0.21 * 27, $result->innerZoneOutside->mm, 1e-9);
    }

    public function test_when_none_fits_it_says_what_to_make_and_that_would_fit(): void
    {
        $none = self::driver([self::tool(25, null)]);
        self::assertNull($none->best);
        self::assertSame(Level::Stop, $none->verdict->level);
        $made = self::tool($none->makeOutsideMost->mm, $none->makeOpeningLeast->mm + 5);
        self::assertSame(Level::Go, self::driver([$made])->verdict->level);
        $least = self::tool($none->makeOutsideLeast->mm, $none->makeOpeningLeast->mm + 5);
        self::assertSame(Level::Go, self::driver([$least])->verdict->level);
        self::assertSame(Level::Stop, self::driver([])->verdict->level, 'an empty wall');
    }

    public function test_above_the_face_a_wide_tool_is_no_fault(): void
    {
        self::assertSame(Level::Go, self::driver([self::tool(47.5, 38)], 0)->tools[0]->level);
    }

    public function test_a_tool_cannot_be_hollower_than_it_is_wide(): void
    {
        $this->expectException(InvalidInput::class);
        self::tool(40, 41);
    }
}
