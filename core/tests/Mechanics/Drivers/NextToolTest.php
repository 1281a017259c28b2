<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Drivers;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Drivers\FittedBefore;
use CleanRace\Core\Mechanics\Drivers\NextTool;
use CleanRace\Core\Mechanics\Drivers\NextToolInput;
use CleanRace\Core\Mechanics\Drivers\ToolInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\TestCase;

/** The tool to get next. */
final class NextToolTest extends TestCase
{
    private static function tool(float $outside, ?float $opening, float $length = 80, ToolKind $kind = ToolKind::Cup): ToolInput
    {
        return new ToolInput('tool', Length::mm($outside), $opening === null ? null : Length::mm($opening), Length::mm($length), $kind);
    }

    public function test_the_next_tool_serves_most_of_what_nothing_serves(): void
    {
        $fitted = static fn (string $number, float $bore, float $outside, int $jobs): FittedBefore => new FittedBefore(
            $number,
            Length::mm($bore),
            Length::mm($outside),
            $jobs,
        );
        $all = [$fitted('6204', 20, 47, 7), $fitted('6205', 25, 52, 3), $fitted('6004', 20, 42, 1)];
        $work = static fn (array $tools): \CleanRace\Core\Mechanics\Drivers\NextToolResult => (new NextTool(Limits::standard()))->work(
            new NextToolInput($all, array_values($tools)),
        );
        self::assertSame(['6204', '6205', '6004'], $work([])->uncovered);
        self::assertGreaterThanOrEqual(7, $work([])->offers[0]->jobs);
        $with = $work([self::tool(46.2, 37)]);
        self::assertEqualsWithDelta(7 / 11, $with->covered->share, 1e-9);
        self::assertSame('6205', $with->uncovered[0]);
        foreach ($with->offers as $offer) {
            $bought = $work([self::tool(46.2, 37), self::tool($offer->outside->mm, $offer->opening?->mm)]);
            self::assertEqualsWithDelta(
                (7 + $offer->jobs) / 11,
                $bought->covered->share,
                1e-9,
                English::of($offer->name).' serves what it promises',
            );
        }
        $none = (new NextTool(Limits::standard()))->work(new NextToolInput([]))->verdict;
        self::assertSame(['next_tool.none', Level::Care], [$none->headline->key, $none->level]);
    }
}
