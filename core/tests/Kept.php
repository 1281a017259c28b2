<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests;

use PHPUnit\Framework\Assert;

/**
 * What the program said when it was last looked at, line by line. A line that changed is right or is a slip: somebody
 * reads the difference, and writes it anew with KEEP=1 in the environment.
 */
final class Kept
{
    /** @param  list<string>  $lines as they are said now */
    public static function same(string $file, array $lines): void
    {
        if (getenv('KEEP') === '1') {
            file_put_contents($file, implode("\n", $lines)."\n");
        }
        $kept = is_file($file) ? file($file, FILE_IGNORE_NEW_LINES) : [];
        Assert::assertIsArray($kept);
        foreach ($lines as $i => $line) {
            Assert::assertSame($kept[$i] ?? 'nothing was kept', $line, basename($file).', line '.($i + 1));
        }
        Assert::assertCount(count($kept), $lines);
    }
}
