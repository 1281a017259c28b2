<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Setting\Float;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Setting\Float\Washers;
use CleanRace\Core\Setting\Float\WasherStock;
use PHPUnit\Framework\TestCase;

/** Washers that fill a length: as near as can be, of as few as can be, and no more than lie there. */
final class WashersTest extends TestCase
{
    /**
     * @param  array<string, int>  $stock pieces by thickness
     * @return list<float>
     */
    private static function taken(array $stock, float $length, float $least, float $most): array
    {
        $lying = array_map(
            static fn (string $thick, int $count): WasherStock => new WasherStock(Length::mm((float) $thick), $count),
            array_keys($stock),
            array_values($stock),
        );

        return Washers::nearest($lying, $length, $least, $most);
    }

    public function test_the_nearest_and_of_those_the_fewest(): void
    {
        self::assertSame([1.0], self::taken(['0.5' => 4, '1.0' => 1], 1.0, 0.0, 2.0), 'one of a millimetre before two of a half');
        self::assertSame([1.0, 0.5], self::taken(['0.5' => 4, '1.0' => 1], 1.4, 0.0, 2.0));
        self::assertSame([0.5, 0.5], self::taken(['0.5' => 4], 1.1, 0.0, 2.0));
    }

    public function test_as_near_above_as_below_the_fewer_are_taken(): void
    {
        self::assertSame([1.0], self::taken(['1.0' => 1, '0.7' => 2], 1.2, 0.0, 2.0), 'two of 0.7 lie as far above as one of 1.0 below');
    }

    public function test_outside_what_may_be_none_is_taken(): void
    {
        self::assertSame([], self::taken(['2.0' => 3], 1.0, 0.5, 1.5));
        self::assertSame([0.5], self::taken(['0.5' => 1], 1.0, 0.5, 1.5), 'no more than lie there');
    }
}
