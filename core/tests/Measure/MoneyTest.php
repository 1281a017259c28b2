<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Measure;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Money;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Amounts in whole minor units. */
final class MoneyTest extends TestCase
{
    /** @return iterable<string, array{string, ?int}> */
    public static function amounts(): iterable
    {
        yield 'plain' => ['12.50', 1250];
        yield 'comma' => ['12,50', 1250];
        yield 'one digit' => ['12.5', 1250];
        yield 'whole' => ['12', 1200];
        yield 'with a sign' => ['€ 12.50', 1250];
        yield 'sign behind' => ['12,50 kr', 1250];
        yield 'thousands' => ['1.234,50', 123450];
        yield 'thousands the other way' => ['1,234.50', 123450];
        yield 'spaces' => ['1 234.50', 123450];
        yield 'nothing' => ['0.00', 0];
        yield 'two ways' => ['1,250', null];
        yield 'less than nothing' => ['-3.00', null];
        yield 'words' => ['ask', null];
        yield 'empty' => ['', null];
        yield 'three decimals' => ['12.3456', null];
        yield 'too much' => ['99999999999', null];
    }

    #[DataProvider('amounts')]
    public function test_amounts_are_whole_minor_units(string $typed, ?int $minor): void
    {
        try {
            self::assertSame($minor, Money::read($typed)->minor);
        } catch (InvalidInput) {
            self::assertNull($minor, $typed);
        }
    }

    public function test_money_adds_multiplies_and_parts_without_a_fraction(): void
    {
        self::assertSame('37.50', Money::minor(1250)->times(3)->shown());
        self::assertSame(1, Money::minor(100)->part(1, 180)->minor, 'halves up');
        self::assertSame(8100, Money::minor(5400)->part(90, 60)->minor);
        self::assertSame('0.05', Money::minor(5)->shown());
        $this->expectException(InvalidInput::class);
        Money::minor(-1);
    }
}
