<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** The page: which room may use which, and what is said in one place only. */
final class PageTest extends TestCase
{
    use Sources;

    /** Rooms of the page, each of which may use those before it. */
    private const PAGE = ['theme', 'words', 'drawing', 'offline', 'api', 'controls', 'job', 'stations', 'pages', 'shell'];

    public function test_rooms_of_the_page_use_only_those_below_them(): void
    {
        foreach (self::files('resources/js', '/\.tsx?$/') as [$path, $source]) {
            $room = explode('/', $path)[2];
            if ($room === 'main.tsx') {
                continue;
            }
            $mine = array_search($room, self::PAGE, true);
            self::assertIsInt($mine, "$path is in a room the page does not know.");
            preg_match_all('/(?:from|import\()\s*\'((?:\.\.?\/)+[^\']+)\'/', $source, $used);
            foreach ($used[1] as $other) {
                $theirs = self::below(dirname($path).'/'.$other);
                // What the server says has its types generated: any room may name them.
                if ($theirs !== 'api/types') {
                    $at = array_search(explode('/', $theirs)[0], self::PAGE, true);
                    self::assertIsInt($at, "$path uses $other.");
                    self::assertLessThanOrEqual($mine, $at, "$path uses $other, which stands above it.");
                }
            }
        }
    }

    /** A path without its dots, below resources/js. */
    private static function below(string $path): string
    {
        $parts = [];
        foreach (explode('/', $path) as $part) {
            $part === '..' ? array_pop($parts) : ($part === '.' ? null : ($parts[] = $part));
        }

        return implode('/', array_slice($parts, 2));
    }

    public function test_stations_do_not_know_each_other(): void
    {
        foreach (self::files('resources/js/stations', '/\.tsx?$/') as [$path, $source]) {
            if (substr_count($path, '/') === 4) {
                self::assertDoesNotMatchRegularExpression('/from \'\.\.\/\w+/', $source, "$path reaches into another station.");
            }
        }
    }

    public function test_only_the_theme_names_a_colour(): void
    {
        foreach (self::files('resources/js', '/\.tsx?$/') as [$path, $source]) {
            if (! str_starts_with($path, 'resources/js/theme/')) {
                self::assertDoesNotMatchRegularExpression('/#[0-9a-fA-F]{6}\b|rgba?\(|hsla?\(/', $source, "$path names a colour.");
            }
        }
    }

    public function test_days_are_written_in_one_place(): void
    {
        foreach (self::files('resources/js', '/\.tsx?$/') as [$path, $source]) {
            if ($path !== 'resources/js/words/day.ts') {
                self::assertDoesNotMatchRegularExpression(
                    '/\.toLocale(Date|Time)?String\(/',
                    $source,
                    "$path writes a day in its own way: words/day.ts does that.",
                );
            }
        }
    }

    public function test_every_limit_stands_in_the_table_and_not_in_the_interface(): void
    {
        foreach (self::files('resources/js', '/\.tsx?$/') as [$path, $source]) {
            self::assertDoesNotMatchRegularExpression('/\b0\.75\b.*deg|\bangle_deg\s*[<>]/', $source, "$path judges by itself.");
        }
    }
}
