<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Catalogue\Number;

use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Catalogue\Number\NumberRules;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Numbers that are three sizes run together, and those that only look like it. */
final class SpelledOutTest extends TestCase
{
    /** @return iterable<string, array{string, ?array{float, float, float}}> */
    public static function numbers(): iterable
    {
        yield 'bore, outside, width' => ['20378', [20.0, 37.0, 8.0]];
        yield 'a ring needs its wall' => ['20238', null];
        yield 'and one millimetre more is one' => ['20248', [20.0, 24.0, 8.0]];
        yield 'three times the bore is the most' => ['20604', [20.0, 60.0, 4.0]];
        yield 'more than that is no wheel bearing' => ['20614', null];
        yield 'narrower than 4 it is none' => ['20373', null];
        yield 'hub unit' => ['DAC40530010', [40.0, 53.0, 10.0]];
        yield 'hub unit too narrow' => ['DAC40530009', null];
        yield 'hub unit of 12' => ['DAC40530012', [40.0, 53.0, 12.0]];
        yield 'hub unit with hardly a wall' => ['DAC40500037', null];
        yield 'hub unit with one just thick enough' => ['DAC40510037', [40.0, 51.0, 37.0]];
    }

    /** @param  ?array{float, float, float}  $sizes */
    #[DataProvider('numbers')]
    public function test_sizes_in_the_number(string $number, ?array $sizes): void
    {
        $size = NumberRules::spelledOut($number)?->size;
        self::assertSame($sizes, $size === null ? null : [$size->bore->mm, $size->outside->mm, $size->openWidth->mm]);
    }

    public function test_closed_by_one_shield_is_closed(): void
    {
        $closed = static fn (string $typed): bool => (new DesignationReader())->read($typed)->isClosed();
        self::assertSame([true, true, true, false], array_map($closed, ['6204 Z', '6204 ZZ', '6204 2RS', '6204']));
    }

    public function test_what_the_number_says_is_not_said_again_behind_it(): void
    {
        $written = static fn (string $typed): string => (new DesignationReader())->read($typed)->written();
        self::assertSame('F608', $written('608 F'));
        self::assertSame('F608 2RS', $written('F608 2RS'));
        self::assertSame('6204NR', $written('6204 NR'));
        self::assertSame('6204 N', $written('6204 N'), 'a groove without its ring is a sign');
    }

    public function test_a_number_of_the_table_is_not_read_once_more_by_rule(): void
    {
        foreach (['6204', '18307', '34640037', 'MR105'] as $number) {
            $read = (new DesignationReader())->readings($number);
            $same = array_filter($read, static fn ($d): bool => $d->number === $read[0]->number);
            self::assertCount(1, $same, $number);
        }
    }

    public function test_a_stroke_is_part_of_a_number_only_where_it_says_the_bore(): void
    {
        $number = static fn (string $typed): string => (new DesignationReader())->read($typed)->number;
        self::assertSame('62/22', $number('62/22'));
        self::assertSame('688', $number('618/8'), 'its other name');
        self::assertSame('6205', $number('62/05'), 'a stroke between series and code parts nothing');
        self::assertSame('16004', $number('160/04'));
        self::assertSame('6008', $number('60/08'));
    }
}
