<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Stripping;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Stripping\PlannedStep;
use CleanRace\Core\Stripping\TakeDown;
use CleanRace\Core\Stripping\ToolCheck;
use CleanRace\Core\Stripping\ToolLine;
use CleanRace\Core\Stripping\Ways;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tooling\Need;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Tooling\WallTool;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\TestCase;

/** What the plan needs against what hangs on the wall. */
final class ToolCheckTest extends TestCase
{
    use TakenDown;

    /** @return list<ToolLine> */
    private static function tools(Bench $bench): array
    {
        return ToolCheck::lines(TakeDown::plan($bench, Ways::of($bench)), $bench->wall);
    }

    public function test_missing_tools_are_known_before_the_first_bolt_with_what_stands_in(): void
    {
        $lines = self::tools(self::bench('pair-sleeve'));
        self::assertNotSame([], $lines);
        foreach ($lines as $line) {
            self::assertNull($line->have);
            self::assertNotNull($line->standIn, English::of($line->tool));
            self::assertStringNotContainsString('{', $line->standIn->inEnglish());
        }
        self::assertSame(Level::Care, ToolCheck::verdict($lines)->level);
        self::assertStringContainsString('fails', ToolCheck::verdict($lines)->why[0]->inEnglish());
    }

    public function test_a_puller_must_reach_the_bore(): void
    {
        $entries = ['strip.way' => ['choice' => 'puller']];
        $have = static fn (float $least, float $most): ?string => array_values(
            array_filter(
                self::tools(
                    self::bench('pair-sleeve', $entries, [
                        new WallTool('1', 'Collet', ToolKind::BlindPuller, Length::mm($least), Length::mm($most)),
                    ]),
                ),
                static fn (ToolLine $l): bool => $l->tool === 'Expanding puller',
            ),
        )[0]->have;
        self::assertSame('Collet', $have(18, 28));
        self::assertNull($have(8, 16));
    }

    public function test_the_spanner_of_last_time_is_looked_for(): void
    {
        $wall = [new WallTool('1', 'Spanner 17', ToolKind::Spanner, across: Length::mm(17))];
        $line = static fn (array $spanners): ToolLine => array_values(
            array_filter(
                self::tools(self::bench('cup-cone', wall: $wall, spanners: $spanners)),
                static fn (ToolLine $l): bool => $l->tool === 'Spanner',
            ),
        )[0];
        self::assertSame('Spanner 17', $line(['fastener.lock_nut_left.spanner' => '17'])->have);
        self::assertNull($line(['fastener.lock_nut_left.spanner' => '19'])->have);
        self::assertSame('19.00 mm across', $line(['fastener.lock_nut_left.spanner' => '19'])->size?->inEnglish());
        self::assertNull($line([])->have, 'a nut whose size nobody noted is not said to be served');
        self::assertSame('size not noted yet', $line([])->size?->inEnglish());
    }

    public function test_an_inch_nut_wants_its_inch_spanner(): void
    {
        $wall = [
            new WallTool('1', 'Spanner 27', ToolKind::Spanner, across: Length::mm(27)),
            new WallTool('2', 'Spanner 1 1/16', ToolKind::Spanner, across: Length::mm(26.9875)),
        ];
        self::assertFalse($wall[0]->serves(Need::turning(ToolKind::Spanner, '3/4')));
        self::assertTrue($wall[1]->serves(Need::turning(ToolKind::Spanner, '1 1/16')));
        self::assertFalse($wall[0]->serves(Need::turning(ToolKind::Spanner, 'the big one')), 'a size nobody can read serves nothing');
    }

    public function test_fasteners_are_asked_where_they_come_off(): void
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            $asked = array_merge(
                ...array_map(
                    static fn (PlannedStep $p): array => array_map(static fn (Ask $a): string => $a->place, $p->step->asks),
                    TakeDown::plan(self::bench($id), Ways::of(self::bench($id))),
                ),
            );
            foreach ($pattern->fasteners() as $fastener) {
                if ($fastener->part !== null) {
                    foreach (['spanner', 'thread', 'hand', 'held', 'torque', 'source'] as $what) {
                        self::assertContains($fastener->place($what), $asked, "$id: {$fastener->name}, $what");
                    }
                }
            }
        }
    }

    public function test_a_receiving_cup_is_deeper_and_wider_than_the_bearing(): void
    {
        $cup = static fn (float $inside, float $deep): bool => (new WallTool(
            '1',
            'Cup',
            ToolKind::Cup,
            opening: Length::mm($inside),
            length: Length::mm($deep),
        ))->serves(Need::receiver(Length::mm(48), Length::mm(17)));
        self::assertTrue($cup(48.5, 17.0));
        self::assertFalse($cup(48.5, 16.9), 'the bearing would stand on its bottom');
        self::assertFalse($cup(47.9, 20.0), 'the bearing would not go in');

        $wall = static fn (float $deep): array => [
            new WallTool('1', 'Rod', ToolKind::Rod, length: Length::mm(400)),
            new WallTool('2', 'Cup', ToolKind::Cup, opening: Length::mm(60), length: Length::mm($deep)),
        ];
        $missing = static fn (float $deep): array => array_filter(
            self::tools(self::bench('pair-sleeve', ['strip.way' => ['choice' => 'rod']], $wall($deep))),
            static fn ($line): bool => $line->have === null && str_contains(strtolower(English::of($line->tool)), 'cup'),
        );
        self::assertCount(0, $missing(17.0), 'three more than a 6204 is wide');
        self::assertNotCount(0, $missing(16.9));
    }
}
