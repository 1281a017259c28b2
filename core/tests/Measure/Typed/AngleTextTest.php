<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Measure\Typed;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Typed\AngleText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Turns as people say them. */
final class AngleTextTest extends TestCase
{
    /** @return iterable<string, array{string, ?float}> */
    public static function turns(): iterable
    {
        yield 'degrees' => ['45', 45.0];
        yield 'with a sign' => ['45°', 45.0];
        yield 'minutes of a clock' => ['8 min', 48.0];
        yield 'a share of a turn' => ['1/4 turn', 90.0];
        yield 'flats' => ['1,5 flats', 90.0];
        yield 'back' => ['-30', -30.0];
        yield 'words' => ['a bit', null];
        yield 'by nothing' => ['1/0 turn', null];
        yield 'by nothing, written long' => ['1/00 turn', null];
        yield 'too far' => ['40 turns', null];
    }

    #[DataProvider('turns')]
    public function test_turns_are_read(string $typed, ?float $degrees): void
    {
        if ($degrees === null) {
            $this->expectException(InvalidInput::class);
        }
        self::assertEqualsWithDelta((float) $degrees, (new AngleText())->read($typed)->degrees, 1e-9);
    }
}
