<?php

declare(strict_types=1);

namespace Tests\Architecture;

use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** The files of the house, as somebody wrote them: what is generated is left out. */
trait Sources
{
    /** @return list<array{string, string}> path below the root, contents */
    private static function files(string $folder, string $ending): array
    {
        $root = dirname(__DIR__, 2).'/';
        $out = [];
        /** @var SplFileInfo $file */
        foreach (
            new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root.$folder, RecursiveDirectoryIterator::SKIP_DOTS)) as $file
        ) {
            if (preg_match($ending, $file->getFilename()) === 1 && ! str_contains($file->getFilename(), '.generated.')) {
                $out[] = [substr($file->getPathname(), strlen($root)), (string) file_get_contents($file->getPathname())];
            }
        }

        return $out;
    }
}
