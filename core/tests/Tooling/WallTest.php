<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Tooling;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\RowFault;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Tooling\Need;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Tooling\ToolList;
use CleanRace\Core\Tooling\WallTool;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What hangs on the wall: lists of tools in and out, what will do for a step, what a rod may pull. */
final class WallTest extends TestCase
{
    public function test_a_rod_pulls_a_share_of_its_proof_load(): void
    {
        // Proof loads of grade 8.8, coarse thread, kN, from the printed table of ISO 898-1.
        $cases = [[DrawBolt::M8, 21.2], [DrawBolt::M10, 33.7], [DrawBolt::M12, 48.9], [DrawBolt::M14, 66.7], [DrawBolt::M16, 91.0]];
        foreach ($cases as [$rod, $proof]) {
            self::assertEqualsWithDelta($proof, $rod->limit(1.0)->newtons / 1000, 0.15, $rod->value);
            self::assertEqualsWithDelta($proof * 0.3, $rod->limit(0.3)->newtons / 1000, 0.05, $rod->value);
        }
    }

    public function test_a_thicker_rod_pulls_more_and_its_thread_is_its_own(): void
    {
        $before = 0.0;
        foreach (DrawBolt::cases() as $rod) {
            self::assertGreaterThan($before, $rod->limit(0.3)->newtons, $rod->value);
            self::assertSame((float) substr($rod->value, 1), $rod->diameter());
            // The stress area of a metric thread from its two sizes: π/4 (d − 0.9382 P)².
            $area = (M_PI / 4) * ($rod->diameter() - 0.9382 * $rod->pitch()) ** 2;
            self::assertEqualsWithDelta(580 * $area, $rod->limit(1.0)->newtons, 0.01 * 580 * $area, $rod->value);
            $before = $rod->limit(0.3)->newtons;
        }
    }

    public function test_a_wall_goes_through_a_list_unchanged(): void
    {
        $wall = [
            ...ToolList::starter(),
            new WallTool('x', 'Odd, "quoted"', ToolKind::Press, capacity: Force::newtons(120000), ram: Length::mm(48.5), count: 2),
            new WallTool('y', '=cmd', ToolKind::TorqueWrench, torqueLow: Torque::newtonMetres(5), torqueHigh: Torque::newtonMetres(60)),
        ];
        $read = ToolList::read(ToolList::write($wall));
        self::assertSame([], $read->faults);
        $plain = static fn (WallTool $t): array => [
            ltrim($t->name, "'"),
            $t->kind,
            $t->outside?->mm,
            $t->opening?->mm,
            $t->length?->mm,
            $t->across?->mm,
            $t->ram?->mm,
            $t->pitch?->mm,
            $t->capacity?->newtons,
            $t->torqueLow?->newtonMetres,
            $t->torqueHigh?->newtonMetres,
            $t->plusMinus?->mm,
            $t->count,
        ];
        self::assertSame(array_map($plain, $wall), array_map($plain, $read->tools));
        self::assertStringContainsString("\r\n'=cmd,", ToolList::write($wall), 'a table program takes no formula from it');
    }

    public function test_a_list_says_what_is_wrong_with_which_line(): void
    {
        $read = ToolList::read(
            "Name;Kind;Outside;Opening;Length;Count\n42 cup;cup;46,2;37;60;\n;cup;1;;1;\nspoon;spoon;;;;\n"
                ."wide;cup;30;40;60;\nword;cup;thick;;60;\nless;cup;-3;;60;\nmany;washer;37;13;3;lots\n"
                ."1 1/8 cup;cup;1 1/8 in;1 in;3 in;2\n",
        );
        self::assertSame(['42 cup', '1 1/8 cup'], array_map(static fn (WallTool $t): string => $t->name, $read->tools));
        self::assertEqualsWithDelta([46.2, 28.575], array_map(static fn (WallTool $t): ?float => $t->outside?->mm, $read->tools), 1e-9);
        self::assertSame([3, 4, 5, 6, 7, 8], array_map(static fn ($f): int => $f->line, $read->faults));
    }

    /** @return iterable<string, array{string, string}> the file, what is said of its second line */
    public static function faulty(): iterable
    {
        $line = static fn (
            string $row,
        ): string => "name,kind,outside_mm,opening_mm,length_mm,torque_low_nm,torque_high_nm,count\n$row\n";
        yield 'no name' => [$line(',cup,40,30,80'), 'No name.'];
        yield 'a long name' => [$line(str_repeat('x', 81).',cup,40,30,80'), 'longer than 80'];
        yield 'a kind nobody knows' => [$line('Thing,gadget,40,30,80'), '"gadget" is no kind of tool here'];
        yield 'a size that is none' => [$line('Cup,cup,wide,30,80'), 'Cup, outside_mm:'];
        yield 'a size of nothing' => [$line('Cup,cup,0,,80'), 'a size is more than zero'];
        yield 'a driver without a face' => [$line('Cup,cup,,30,80'), 'outside of its face'];
        yield 'a driver without a length' => [$line('Cup,cup,40,30,'), 'Type its length.'];
        yield 'all opening and no wall' => [$line('Cup,cup,40,40,80'), 'not smaller than the outside'];
        yield 'a range upside down' => [$line('Wrench,torque_wrench,,,,100,20,'), 'begins above where it ends'];
        yield 'a count in words' => [$line('Gun,heat_gun,,,,,,two'), '"two" is no number'];
        yield 'less than none' => [$line('Gun,heat_gun,,,,,,-1'), 'is no number'];
    }

    #[DataProvider('faulty')]
    public function test_a_row_that_is_no_tool_is_reported_with_its_line_and_the_others_are_kept(string $file, string $says): void
    {
        $list = ToolList::read($file."Good cup;;,cup,50,40,60\n");
        self::assertSame([2], array_map(static fn (RowFault $f): int => $f->line, $list->faults));
        self::assertStringContainsString($says, $list->faults[0]->detail);
        self::assertSame(['Good cup;;'], array_map(static fn (WallTool $t): string => $t->name, $list->tools));
    }

    public function test_headers_are_understood_as_people_write_them(): void
    {
        $list = ToolList::read("\xEF\xBB\xBFKind;Outside;Name;Length mm;colour\r\ndisc;1 1/2 in;Plug;25,4;red\r\n");
        self::assertSame([], $list->faults);
        self::assertEqualsWithDelta(38.1, (float) $list->tools[0]->outside?->mm, 1e-9);
        self::assertEqualsWithDelta(25.4, (float) $list->tools[0]->length?->mm, 1e-9);
        self::assertSame(1, $list->tools[0]->count);
    }

    /** @return iterable<string, array{string, string}> */
    public static function files(): iterable
    {
        yield 'empty' => ['', 'empty'];
        yield 'no header' => ["a,b\n1,2\n", 'No column is called name or kind'];
        yield 'a picture' => ["\x89PNG\0\0", 'no text file'];
        yield 'far too long' => ["name,kind\n".str_repeat("Gun,heat_gun\n", ToolList::MOST_ROWS + 1), 'more than 2000 tools'];
    }

    #[DataProvider('files')]
    public function test_a_file_that_is_no_list_is_refused_in_a_sentence(string $file, string $says): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessageMatches('/'.preg_quote($says, '/').'/');
        ToolList::read($file);
    }

    public function test_nonsense_below_good_rows_is_reported_and_costs_none_of_them(): void
    {
        $random = new Randomizer(new Mt19937(17));
        $bits = [
            'name',
            'kind',
            'cup',
            ',',
            ';',
            "\n",
            '"',
            '""',
            '1/0',
            '1e999',
            '-5',
            'outside_mm',
            "\t",
            '=1+1',
            'ß',
            "\xC3",
            '999999999999999999',
        ];
        for ($i = 0; $i < 1500; $i++) {
            $text =
                "name,kind,outside_mm,length_mm,count\nGun,heat_gun,,,1\n".
                implode(
                    '',
                    array_map(static fn (): string => $bits[$random->getInt(0, count($bits) - 1)], range(1, $random->getInt(1, 40))),
                );
            $list = ToolList::read($text);
            self::assertSame('Gun', $list->tools[0]->name, 'what came before the nonsense is kept');
            foreach ($list->tools as $tool) {
                self::assertTrue(
                    $tool->name !== '' &&
                        $tool->count >= 1 &&
                        ($tool->outside === null || ($tool->outside->mm > 0 && is_finite($tool->outside->mm))),
                    $text,
                );
            }
            foreach ($list->faults as $fault) {
                self::assertGreaterThan(2, $fault->line, $text);
            }
        }
    }

    private static function tool(
        ToolKind $kind,
        ?float $outside = null,
        ?float $opening = null,
        ?float $length = null,
        ?float $across = null,
    ): WallTool {
        $mm = static fn (?float $of): ?Length => $of === null ? null : Length::mm($of);

        return new WallTool('1', 'x', $kind, $mm($opening), $mm($outside), $mm($length), $mm($across));
    }

    /** @return iterable<string, array{Need, WallTool, bool}> */
    public static function needs(): iterable
    {
        $mm = Length::mm(...);
        yield 'a puller that reaches' => [Need::puller($mm(20)), self::tool(ToolKind::BlindPuller, 25, 18), true];
        yield 'one that opens to just that' => [Need::puller($mm(25)), self::tool(ToolKind::BlindPuller, 25, 18), true];
        yield 'one too large to go in' => [Need::puller($mm(17)), self::tool(ToolKind::BlindPuller, 25, 18), false];
        yield 'one that was never measured' => [Need::puller($mm(20)), self::tool(ToolKind::BlindPuller, 25), false];
        $cup = static fn (float $inside, float $long, ToolKind $kind = ToolKind::Pipe): WallTool => new WallTool(
            '1',
            'x',
            $kind,
            $mm($inside),
            $mm($inside + 5),
            $mm($long),
        );
        yield 'a rod long enough' => [
            Need::rod($mm(184)),
            new WallTool('1', 'x', ToolKind::Rod, outside: $mm(12), length: $mm(200)),
            true,
        ];
        yield 'a rod too short' => [
            Need::rod($mm(184)),
            new WallTool('1', 'x', ToolKind::Rod, outside: $mm(12), length: $mm(150)),
            false,
        ];
        yield 'a rod nobody measured' => [Need::rod($mm(184)), new WallTool('1', 'x', ToolKind::Rod), false];
        yield 'a pipe that takes the bearing in' => [Need::receiver($mm(48), $mm(17)), $cup(49, 40), true];
        yield 'one too narrow' => [Need::receiver($mm(48), $mm(17)), $cup(47, 40), false];
        yield 'one too shallow' => [Need::receiver($mm(48), $mm(17)), $cup(49, 15), false];
        yield 'a plug through the shoulder' => [
            Need::plug($mm(20), $mm(39.9)),
            new WallTool('1', 'x', ToolKind::Disc, outside: $mm(35), length: $mm(25)),
            true,
        ];
        yield 'one that stands on the shoulder' => [
            Need::plug($mm(20), $mm(39.9)),
            new WallTool('1', 'x', ToolKind::Disc, outside: $mm(42), length: $mm(25)),
            false,
        ];
        yield 'one that falls through the ring' => [
            Need::plug($mm(20), $mm(39.9)),
            new WallTool('1', 'x', ToolKind::Disc, outside: $mm(19), length: $mm(25)),
            false,
        ];
        yield 'a socket serves as a plug' => [Need::plug($mm(20), $mm(39.9)), $cup(24, 50, ToolKind::ImpactSocket), true];
        yield 'a lever is a lever' => [Need::of(ToolKind::SealLever), new WallTool('1', 'x', ToolKind::SealLever), true];
        yield 'and no magnet' => [Need::of(ToolKind::Magnet), new WallTool('1', 'x', ToolKind::SealLever), false];
        yield 'a socket takes a bearing in' => [Need::receiver($mm(47), $mm(20)), self::tool(ToolKind::ImpactSocket, 60, 48, 70), true];
        yield 'one that the bearing just fills' => [
            Need::receiver($mm(47), $mm(20)),
            self::tool(ToolKind::ImpactSocket, 60, 47, 70),
            false,
        ];
        yield 'a plug between' => [Need::plug($mm(26), $mm(40)), self::tool(ToolKind::Disc, 35, null, 20), true];
        yield 'a plug as large as the shoulder' => [Need::plug($mm(26), $mm(40)), self::tool(ToolKind::Disc, 40, null, 20), false];
        yield 'an impact socket for a nut' => [
            Need::turning(ToolKind::Socket, '27'),
            self::tool(ToolKind::ImpactSocket, across: 27),
            true,
        ];
        yield 'a socket is no spanner' => [Need::turning(ToolKind::ConeSpanner, '15'), self::tool(ToolKind::Socket, across: 15), false];
        yield 'inches of the same size' => [
            Need::turning(ToolKind::Spanner, '1 1/16'),
            self::tool(ToolKind::Spanner, across: 26.99),
            true,
        ];
        yield 'the next size' => [Need::turning(ToolKind::Spanner, '27'), self::tool(ToolKind::Spanner, across: 26), false];
        yield 'a size nobody noted' => [Need::turning(ToolKind::Spanner, null), self::tool(ToolKind::Spanner, across: 26), false];
        yield 'a size nobody can read' => [
            Need::turning(ToolKind::Spanner, 'the big one'),
            self::tool(ToolKind::Spanner, across: 26),
            false,
        ];
        yield 'any of its kind' => [Need::of(ToolKind::HeatGun), self::tool(ToolKind::HeatGun), true];
    }

    #[DataProvider('needs')]
    public function test_what_hangs_there_will_do_or_not(Need $need, WallTool $tool, bool $serves): void
    {
        self::assertSame($serves, $tool->serves($need));
    }

    public function test_only_what_is_measured_drives(): void
    {
        self::assertNotNull(self::tool(ToolKind::Cup, 40, 30, 60)->driver());
        self::assertNull(self::tool(ToolKind::Cup, 40, 30)->driver(), 'how long it is nobody knows');
        self::assertNull(self::tool(ToolKind::HeatGun, 40, 30, 60)->driver());
    }

    public function test_what_is_needed_is_said_with_its_sizes(): void
    {
        self::assertSame('for a bore of 20.00 mm', Need::puller(Length::mm(20))->words()?->inEnglish());
        self::assertSame(
            'inside over 47.00 mm, deeper than 20.00 mm',
            Need::receiver(Length::mm(47), Length::mm(20))->words()?->inEnglish(),
        );
        self::assertSame('size not noted yet', Need::turning(ToolKind::Spanner, null)->words()?->inEnglish());
        self::assertNull(Need::of(ToolKind::HeatGun)->words());
    }
}
