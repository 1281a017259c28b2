<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Hub\Drawing;

use CleanRace\Core\Hub\Drawing\Dxf;
use CleanRace\Core\Hub\Drawing\Section;
use CleanRace\Core\Hub\Tray;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Hub;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Patterns\SectionMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Sections for a CAD program. */
final class DxfTest extends TestCase
{
    /** @return iterable<string, array{Pattern}> */
    public static function patterns(): iterable
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            yield $id => [$pattern];
        }
    }

    private static function section(Pattern $pattern, ?Notebook $notebook = null): Section
    {
        $notebook ??= new Notebook([]);
        $hub = Hub::of($pattern, $notebook);

        return (new SectionMaker($hub, Tray::of($hub->stack, $notebook), $notebook))->section();
    }

    #[DataProvider('patterns')]
    public function test_it_goes_to_a_cad_program(Pattern $pattern): void
    {
        $section = self::section($pattern);
        $dxf = Dxf::of($section);
        $pairs = array_chunk(explode("\r\n", rtrim($dxf, "\r\n")), 2);
        $depth = 0;
        $circles = $lines = 0;
        foreach ($pairs as $i => $pair) {
            self::assertCount(2, $pair);
            self::assertMatchesRegularExpression('/^\s*\d+$/', $pair[0]);
            $depth += $pair[0] === '  0' && $pair[1] === 'SECTION' ? 1 : ($pair[0] === '  0' && $pair[1] === 'ENDSEC' ? -1 : 0);
            $circles += $pair === ['  0', 'CIRCLE'] ? 1 : 0;
            $lines += $pair === ['  0', 'LINE'] ? 1 : 0;
        }
        self::assertSame(0, $depth);
        self::assertSame(['  0', 'EOF'], $pairs[count($pairs) - 1]);
        self::assertStringContainsString("\$INSUNITS\r\n 70\r\n4", $dxf, 'millimetres');
        $rounds = array_sum(
            array_map(
                static fn ($p): int => count(array_filter($p->outlines, static fn ($o): bool => $o->round !== null)),
                $section->pieces,
            ),
        );
        self::assertSame(2 * $rounds, $circles, 'both halves');
        self::assertGreaterThan(20, $lines);
        preg_match_all('/ {2}8\r\n(\w+)\r\n/', $dxf, $used);
        preg_match_all('/LAYER\r\n {2}2\r\n(\w+)\r\n/', $dxf, $known);
        self::assertSame([], array_diff(array_unique($used[1]), $known[1]), 'every layer used is in the table');
    }

    public function test_parts_that_are_away_are_not_in_the_file(): void
    {
        $pattern = HubPatterns::find('pair-sleeve');
        $whole = Dxf::of(self::section($pattern));
        $less = Dxf::of(
            self::section($pattern, new Notebook(['part.sleeve' => ['value' => ['state' => 'on_tray'], 'instrument' => null]])),
        );
        self::assertStringContainsString('Spacer tube', $whole);
        self::assertStringNotContainsString('Spacer tube', $less);
    }
}
