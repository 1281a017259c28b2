<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Tooling;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Tooling\Gauges;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Tooling\ToolList;
use CleanRace\Core\Tooling\WallTool;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A reading is as good as the gauge it was made with. */
final class GaugesTest extends TestCase
{
    private static function gauge(?Instrument $reads, ?float $half): WallTool
    {
        return new WallTool('1', 'Gauge', ToolKind::Gauge, plusMinus: $half === null ? null : Length::mm($half), reads: $reads);
    }

    /** @return iterable<string, array{list<WallTool>, float}> what hangs there, half-width of a digital caliper */
    public static function walls(): iterable
    {
        yield 'an empty wall' => [[], 0.03];
        yield 'a caliper of known half-width' => [[self::gauge(Instrument::DigitalCaliper, 0.02)], 0.02];
        yield 'of two the worse' => [
            [
                self::gauge(Instrument::DigitalCaliper, 0.02),
                self::gauge(Instrument::DigitalCaliper, 0.08),
                self::gauge(Instrument::DigitalCaliper, 0.05),
            ],
            0.08,
        ];
        yield 'another instrument' => [[self::gauge(Instrument::Micrometer, 0.004)], 0.03];
        yield 'a gauge that says nothing' => [[self::gauge(Instrument::DigitalCaliper, null), self::gauge(null, 0.5)], 0.03];
    }

    /** @param  list<WallTool>  $wall */
    #[DataProvider('walls')]
    public function test_the_worst_of_its_kind_says_how_well_it_reads(array $wall, float $half): void
    {
        self::assertSame($half, (new Gauges($wall))->halfWidth(Instrument::DigitalCaliper)->mm);
    }

    public function test_a_reading_keeps_the_half_width_it_was_made_with(): void
    {
        $notebook = new Notebook([
            'a' => ['value' => ['mm' => 47.01, 'half_mm' => 0.08], 'instrument' => 'digital_caliper'],
            'b' => ['value' => ['mm' => 47.01], 'instrument' => 'digital_caliper'],
        ]);
        $read = static fn (string $place): array => ($r = $notebook->reading($place)) === null
            ? []
            : [$r->value->mm, $r->halfWidth->mm, $r->instrument];
        self::assertSame([47.01, 0.08, Instrument::DigitalCaliper], $read('a'));
        self::assertSame([47.01, 0.03, Instrument::DigitalCaliper], $read('b'), 'the usual one where none was kept');
        self::assertGreaterThan($notebook->reading('b')?->sigma(), $notebook->reading('a')?->sigma());
    }

    #[TestWith([0])]
    #[TestWith([-0.02])]
    #[TestWith(['fine'])]
    public function test_a_half_width_that_cannot_be_is_not_believed(mixed $half): void
    {
        $notebook = new Notebook(['a' => ['value' => ['mm' => 47.01, 'half_mm' => $half], 'instrument' => 'digital_caliper']]);
        self::assertSame(0.03, $notebook->reading('a')?->halfWidth->mm);
    }

    public function test_no_reading_is_better_than_perfect(): void
    {
        $this->expectException(InvalidInput::class);
        Reading::by(Length::mm(47), Instrument::Micrometer, Length::mm(-0.01));
    }

    public function test_a_list_of_tools_says_what_a_gauge_reads_as(): void
    {
        $list = ToolList::read(
            "name,kind,plus_minus_mm,reads\nGood mic,gauge,0.004,micrometer\nOld mic,gauge,0.02,\n24 "
                ."socket,socket,,micrometer\nBad,gauge,0.1,eyeball\n",
        );
        self::assertSame([Instrument::Micrometer, null], array_map(static fn (WallTool $t): ?Instrument => $t->reads, $list->tools));
        self::assertSame([4, 5], array_column($list->faults, 'line'));
        self::assertStringContainsString('"eyeball" is no instrument here: steel_rule', $list->faults[1]->detail);
        self::assertSame(
            Instrument::Micrometer,
            ToolList::read(ToolList::write($list->tools))->tools[0]->reads,
            'written and read again',
        );
        self::assertContains(
            Instrument::DigitalCaliper,
            array_map(static fn (WallTool $t): ?Instrument => $t->reads, ToolList::starter()),
        );
    }
}
