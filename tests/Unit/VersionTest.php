<?php

declare(strict_types=1);

namespace Tests\Unit;

use App\Release;
use PHPUnit\Framework\TestCase;

/** One version, wherever it stands. */
final class VersionTest extends TestCase
{
    public function test_it_is_the_same_everywhere(): void
    {
        $root = dirname(__DIR__, 2);
        $read = static fn (string $file): array => json_decode((string) file_get_contents("$root/$file"), true);
        foreach (['composer.json', 'core/composer.json', 'package.json', 'package-lock.json'] as $file) {
            self::assertSame(Release::VERSION, $read($file)['version'] ?? null, $file);
        }
        self::assertSame(Release::VERSION, $read('docs/openapi.json')['info']['version']);
        $short = substr(Release::VERSION, 0, (int) strrpos(Release::VERSION, '.'));
        self::assertMatchesRegularExpression("/^## $short /m", (string) file_get_contents("$root/CHANGELOG.md"));
    }
}
