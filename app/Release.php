<?php

declare(strict_types=1);

namespace App;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** What the program and its tables are just now: changes whenever a file of them does. */
final class Release
{
    /** As it stands in the changes, in both lists of packages and in the API's document. */
    public const VERSION = '0.2.0';

    private const ROOMS = ['app', 'core/src', 'core/data'];

    /** @return string 32 hexadecimal digits; asked once, when the configuration is cached */
    public static function mark(string $root): string
    {
        $files = [];
        foreach (self::ROOMS as $room) {
            /** @var SplFileInfo $file */
            foreach (
                new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$room", FilesystemIterator::SKIP_DOTS)) as $file
            ) {
                $files[] = substr($file->getPathname(), strlen($root)).' '.$file->getSize().' '.$file->getMTime();
            }
        }
        sort($files);

        return md5(implode("\n", $files));
    }
}
