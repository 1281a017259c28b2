<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Measure;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Typed\LengthText;
use PHPUnit\Framework\TestCase;

/** A refusal quotes what was typed, as much of it as fits beside a field. */
final class InvalidInputTest extends TestCase
{
    private static function quoted(string $typed): string
    {
        try {
            (new LengthText())->read($typed);
        } catch (InvalidInput $refused) {
            return $refused->getMessage();
        }
        self::fail('was read');
    }

    public function test_long_nonsense_is_cut(): void
    {
        self::assertStringContainsString('"'.str_repeat('q', 40).'"', self::quoted(str_repeat('q', 40)));
        self::assertStringContainsString('"'.str_repeat('q', 40).'…"', self::quoted(str_repeat('q', 41)));
    }
}
