<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Measure\Typed;

use CleanRace\Core\Measure\Typed\ThreeSizes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Sizes run together. */
final class ThreeSizesTest extends TestCase
{
    /** @return iterable<int, array{string, list<string>}> */
    public static function threeSizes(): iterable
    {
        yield ['15x28x7', ['15', '28', '7']];
        yield ['15 × 28 × 7 mm', ['15 mm', '28 mm', '7 mm']];
        yield ['5/8 x 1 3/8 x 7/16', ['5/8 in', '1 3/8 in', '7/16 in']];
        yield ['1 x 1 1/2 x 1/4', ['1 in', '1 1/2 in', '1/4 in']];
        yield ['5/8 x 1 3/8 x 7/16 in', ['5/8 in', '1 3/8 in', '7/16 in']];
        yield ['15 28 7', ['15', '28', '7']];
        yield ['15-28-7', ['15', '28', '7']];
        yield ['47 x 20', ['47', '20']];
        yield ['6204', []];
        yield ['6204 2RS', []];
        yield ['axle x hub', []];
        yield ['1 x 2 x 3 x 4', []];
    }

    /** @param  list<string>  $parts */
    #[DataProvider('threeSizes')]
    public function test_sizes_run_together_are_taken_apart(string $typed, array $parts): void
    {
        self::assertSame($parts, ThreeSizes::parts($typed));
    }
}
