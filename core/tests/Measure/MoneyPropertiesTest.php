<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Measure;

use CleanRace\Core\Measure\Money;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What holds of money. */
final class MoneyPropertiesTest extends TestCase
{
    use TestTrait;

    public function test_money_comes_back_as_it_was_shown_and_parts_never_lose_more_than_a_half(): void
    {
        $this->limitTo(150)
            ->forAll(Generators::choose(0, 9_999_999), Generators::choose(0, 600), Generators::choose(1, 600))
            ->then(function (int $minor, int $of, int $whole): void {
                self::assertSame($minor, Money::read(Money::minor($minor)->shown())->minor);
                self::assertSame($minor, Money::read(str_replace('.', ',', Money::minor($minor)->shown()).' €')->minor);
                self::assertEqualsWithDelta(
                    ($minor * $of) / $whole,
                    Money::minor(min($minor, 100_000))->minor === $minor
                        ? Money::minor($minor)->part($of, $whole)->minor
                        : ($minor * $of) / $whole,
                    0.5001,
                );
            });
    }
}
