<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The seam between page and core: the page reads typed fields, never the spelling of a key or an id. */
final class SeamTest extends TestCase
{
    /** @return array<string, string> contents by path below the root */
    private static function page(): array
    {
        $root = dirname(__DIR__, 2).'/';
        $files = [];
        $folder = new RecursiveDirectoryIterator($root.'resources/js', RecursiveDirectoryIterator::SKIP_DOTS);
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator($folder) as $file) {
            if (preg_match('/\.tsx?$/', $file->getFilename()) === 1 && ! str_contains($file->getFilename(), '.generated.')) {
                $files[substr($file->getPathname(), strlen($root))] = (string) file_get_contents($file->getPathname());
            }
        }

        return $files;
    }

    public function test_no_type_is_talked_round(): void
    {
        self::assertGreaterThan(100, count(self::page()));
        foreach (self::page() as $path => $source) {
            self::assertDoesNotMatchRegularExpression(
                '/\bas (never|unknown as|any)\b|@ts-(ignore|expect-error|nocheck)/',
                $source,
                $path,
            );
        }
    }

    public function test_nothing_is_decided_by_the_beginning_or_the_end_of_a_key(): void
    {
        foreach (self::page() as $path => $source) {
            self::assertDoesNotMatchRegularExpression(
                '/\b(place|key|id|detail|text)\.(startsWith|endsWith|includes|match)\(/',
                $source,
                $path,
            );
        }
    }
}
