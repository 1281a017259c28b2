<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Drivers;

use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Drivers\DriverChoice;
use CleanRace\Core\Mechanics\Drivers\DriverChoiceInput;
use CleanRace\Core\Mechanics\Drivers\DriverFit;
use CleanRace\Core\Mechanics\Drivers\DriverWay;
use CleanRace\Core\Mechanics\Drivers\ToolInput;
use CleanRace\Core\Mechanics\Drivers\ToolToMake;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A tool is judged by what it is to push. */
final class DriverWayTest extends TestCase
{
    private static function tool(float $outside, ?float $opening, float $length = 80, ToolKind $kind = ToolKind::Cup): ToolInput
    {
        return new ToolInput('tool', Length::mm($outside), $opening === null ? null : Length::mm($opening), Length::mm($length), $kind);
    }

    /**
     * @return iterable<string, array{DriverWay, ToolInput, ?float, string, Level}> way, tool, ledge, key of the
     *   reason, level; all on a 6206, 30 × 62
     */
    public static function pushes(): iterable
    {
        yield 'a tube over the shaft' => [DriverWay::OntoShaft, self::tool(37, 30.5), null, 'good_inner', Level::Go];
        yield 'too narrow for the shaft' => [DriverWay::OntoShaft, self::tool(37, 29.9), null, 'no_shaft', Level::Stop];
        yield 'on the outer ring of a shaft bearing' => [DriverWay::OntoShaft, self::tool(61, 56), null, 'outer_only', Level::Stop];
        yield 'over both rings of a shaft bearing' => [DriverWay::OntoShaft, self::tool(60, 31), null, 'both', Level::Care];
        yield 'a thin tube on the inner ring' => [DriverWay::OntoShaft, self::tool(33.5, 31), null, 'some', Level::Care];
        yield 'a disc for both rings' => [DriverWay::BothRings, self::tool(61.5, null), null, 'good_both', Level::Go];
        yield 'a cup is on one ring only' => [DriverWay::BothRings, self::tool(61.5, 45), null, 'one_only', Level::Stop];
        yield 'as wide as the bore' => [DriverWay::BothRings, self::tool(62, null), null, 'too_wide', Level::Stop];
        yield 'a plug through the shoulder' => [DriverWay::OutFromBehind, self::tool(48, null), 50, 'good_out', Level::Go];
        yield 'wider than the shoulder' => [DriverWay::OutFromBehind, self::tool(49.8, null), 50, 'ledge', Level::Stop];
        yield 'through the ring' => [DriverWay::OutFromBehind, self::tool(29, null), 50, 'falls_through', Level::Stop];
        yield 'by the inner ring into a bore' => [DriverWay::IntoBore, self::tool(37, 30), null, 'inner_only', Level::Stop];
        yield 'between the rings' => [DriverWay::IntoBore, self::tool(50, 40), null, 'too_little', Level::Stop];
        yield 'too short' => [DriverWay::IntoBore, self::tool(61, 45, 12), null, 'too_short', Level::Stop];
        yield 'a chrome socket' => [DriverWay::IntoBore, self::tool(61, 45, kind: ToolKind::ChromeSocket), null, 'chrome', Level::Care];
    }

    public function test_where_the_axle_runs_through_a_solid_plug_stands_on_it(): void
    {
        $judged = static fn (?float $opening, ?float $axle): array => (static fn (DriverFit $fit): array => [
            $fit->reason->key,
            $fit->level,
        ])(
            (new DriverChoice(Limits::standard()))->work(
                new DriverChoiceInput(
                    Length::mm(30),
                    Length::mm(62),
                    [self::tool(61.5, $opening)],
                    way: DriverWay::BothRings,
                    axle: $axle === null ? null : Length::mm($axle),
                ),
            )->tools[0],
        );
        self::assertSame(['driver.axle_in_way', Level::Stop], $judged(null, 30));
        self::assertSame(['driver.axle_in_way', Level::Stop], $judged(20, 30));
        self::assertSame(['driver.good_both', Level::Go], $judged(30.4, 30));
        self::assertSame(['driver.good_both', Level::Go], $judged(null, null));
    }

    #[DataProvider('pushes')]
    public function test_a_tool_is_judged_by_what_it_is_to_push(
        DriverWay $way,
        ToolInput $tool,
        ?float $ledge,
        string $key,
        Level $level,
    ): void {
        $result = (new DriverChoice(Limits::standard()))->work(
            new DriverChoiceInput(
                Length::mm(30),
                Length::mm(62),
                [$tool],
                Length::mm(8),
                false,
                $way,
                $ledge === null ? null : Length::mm($ledge),
            ),
        );
        self::assertSame(['driver.'.$key, $level], [$result->tools[0]->reason->key, $result->tools[0]->level]);
        self::assertSame($level === Level::Stop ? null : 'tool', $result->best);
    }

    public function test_no_driver_into_a_bore_is_ever_taken_that_stands_on_the_inner_ring_alone(): void
    {
        $limits = Limits::standard();
        foreach ((new BearingTable())->all() as $i => $size) {
            if ($i % 7 !== 0) {
                continue;
            }
            foreach ([0.3, 0.6, 0.9] as $share) {
                $outside = $size->bore->mm + $share * ($size->outside->mm - $size->bore->mm);
                $tools = [
                    self::tool($outside, null),
                    self::tool($outside, max(0.5, $outside - 4)),
                    self::tool($outside, max(0.5, $size->bore->mm - 1)),
                ];
                $result = (new DriverChoice($limits))->work(
                    new DriverChoiceInput($size->bore, $size->outside, $tools, Length::mm(5), $size->isThin()),
                );
                foreach ($result->tools as $fit) {
                    $touchesOuter = $fit->outside->mm > $result->outerZoneInside->mm;
                    self::assertTrue($touchesOuter || $fit->level === Level::Stop, "{$size->number} by {$fit->outside->mm}");
                }
            }
        }
    }

    public function test_what_it_says_to_make_serves_every_push(): void
    {
        foreach ([DriverWay::OntoShaft, DriverWay::BothRings, DriverWay::IntoBore] as $way) {
            $choice = new DriverChoice(Limits::standard());
            $ask = static fn (array $tools): DriverChoiceInput => new DriverChoiceInput(
                Length::mm(30),
                Length::mm(62),
                array_values($tools),
                Length::mm(8),
                false,
                $way,
            );
            $make = $choice->work($ask([]))->make;
            $made = self::tool($make->outsideMost->mm, $make->openingLeast->mm > 0 ? $make->openingLeast->mm : null, $make->length->mm);
            self::assertSame(Level::Go, $choice->work($ask([$made]))->tools[0]->level, $way->value);
            self::assertSame($way === DriverWay::BothRings, $make->from === null, 'a pipe or tube to make it from; a disc is solid');
        }
        $plug = (new DriverChoice(Limits::standard()))->work(
            new DriverChoiceInput(Length::mm(30), Length::mm(62), [], Length::mm(8), false, DriverWay::OutFromBehind, Length::mm(50)),
        )->make;
        self::assertEqualsWithDelta([49.5, 29.7], [$plug->outsideMost->mm, $plug->pilot?->mm], 1e-9);
        $this->expectException(InvalidInput::class);
        new DriverChoiceInput(Length::mm(30), Length::mm(62), [], null, false, DriverWay::OutFromBehind, Length::mm(64));
    }

    public function test_pipes_are_round_and_grow(): void
    {
        $seen = [];
        foreach (Table::rows('pipes') as $row) {
            $wall = ((float) $row['outside_mm'] - (float) $row['inside_mm']) / 2;
            self::assertGreaterThanOrEqual(1.0, $wall, $row['name']);
            self::assertLessThanOrEqual(10.0, $wall, $row['name']);
            $seen[$row['source']][] = (float) $row['outside_mm'];
            if (preg_match('/^tube (\d+) x ([\d.]+)$/', $row['name'], $named) === 1) {
                self::assertEqualsWithDelta([(float) $named[1], (float) $named[2]], [(float) $row['outside_mm'], $wall], 1e-9);
            }
        }
        foreach ($seen as $source => $outsides) {
            $sorted = $outsides;
            sort($sorted);
            self::assertSame($sorted, $outsides, (string) $source);
        }
        self::assertSame(
            [33.7, 27.3],
            [(float) Table::keyed('pipes')['pipe 1']['outside_mm'], (float) Table::keyed('pipes')['pipe 1']['inside_mm']],
        );
    }

    public function test_a_plug_is_turned_and_no_pipe_is_named_for_it(): void
    {
        $words = static fn (?float $pilot): string => ToolToMake::of(DriverWay::OutFromBehind, 30, 49.5, 0, 40, 60, $pilot)
            ->words()
            ->inEnglish();
        self::assertStringContainsString('with a nose of 29.70 mm', $words(29.7));
        self::assertStringNotContainsString('pipe', $words(29.7));
        self::assertMatchesRegularExpression('/(From stock|Turned from)/', $words(null));
    }
}
