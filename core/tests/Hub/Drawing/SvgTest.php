<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Hub\Drawing;

use CleanRace\Core\Hub\Drawing\Section;
use CleanRace\Core\Hub\Drawing\Svg;
use CleanRace\Core\Hub\Tray;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Hub;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Patterns\SectionMaker;
use PHPUnit\Framework\TestCase;
use SimpleXMLElement;

final class SvgTest extends TestCase
{
    /** @param  array<string, array{value: array<string, mixed>, instrument: ?string}>  $entries */
    private static function section(Pattern $pattern, array $entries = []): Section
    {
        $notebook = new Notebook($entries);
        $hub = Hub::of($pattern, $notebook);

        return (new SectionMaker($hub, Tray::of($hub->stack, $notebook), $notebook))->section();
    }

    private static function drawn(Section $section): SimpleXMLElement
    {
        $svg = simplexml_load_string(Svg::of($section));
        self::assertNotFalse($svg);

        return $svg;
    }

    public function test_every_hub_is_drawn_in_millimetres_with_a_group_for_each_material(): void
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            $section = self::section($pattern);
            $svg = self::drawn($section);
            $width = $section->to->mm - $section->from->mm + 16;
            self::assertSame(round($width, 3).'mm', (string) $svg['width']);
            [, $top, $along, $high] = array_map(floatval(...), explode(' ', (string) $svg['viewBox']));
            self::assertEqualsWithDelta($width, $along, 0.001, 'one unit is one millimetre');
            self::assertEqualsWithDelta(-2 * $top, $high, 0.001, 'the axis lies at nought');
            self::assertSame(rtrim((string) $svg['height'], 'm'), (string) round($high, 3));
            $groups = [];
            foreach ($svg->g as $group) {
                $groups[] = (string) $group['id'];
            }
            self::assertSame(array_unique($groups), $groups);
            self::assertContains('BEARING', $groups, (string) $id);
            self::assertSame(['CENTRE', 'NAMES'], array_slice($groups, -2));
        }
    }

    public function test_both_halves_of_what_is_in_the_hub_are_drawn_and_nothing_else(): void
    {
        $whole = self::section(HubPatterns::find('pair-sleeve'));
        $points = static fn (SimpleXMLElement $svg): int => count($svg->xpath('//*[local-name()="polygon"]') ?: []);
        $faces = 0;
        foreach ($whole->pieces as $piece) {
            foreach ($piece->outlines as $outline) {
                $faces += $outline->round === null && $outline->hatch->value !== 'line' ? 2 : 0;
            }
        }
        self::assertSame($faces, $points(self::drawn($whole)));
        $taken = ['part.sleeve' => ['value' => ['state' => 'on_tray'], 'instrument' => null]];
        $without = self::section(HubPatterns::find('pair-sleeve'), $taken);
        self::assertSame($faces - 2, $points(self::drawn($without)));
        self::assertStringNotContainsString('Spacer tube', Svg::of($without));
        self::assertStringContainsString('Spacer tube', Svg::of($whole));
    }
}
