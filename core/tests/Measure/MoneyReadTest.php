<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Measure;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Money;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Amounts as people write them; what mixes its signs is no amount. */
final class MoneyReadTest extends TestCase
{
    #[TestWith(['1.234,50', 123450])]
    #[TestWith(['1,234.50', 123450])]
    #[TestWith(['999.999,5', 99999950])]
    #[TestWith(['12', 1200])]
    #[TestWith(['1000000', 100000000])]
    public function test_reads_both_ways_of_parting_thousands(string $typed, int $minor): void
    {
        self::assertSame($minor, Money::read($typed)->minor);
    }

    #[TestWith(['1,234,50'])]
    #[TestWith(['1.234.50'])]
    #[TestWith(['1.23.456'])]
    #[TestWith(['12.3.4'])]
    #[TestWith(['1000001'])]
    #[TestWith(['99999999999999999999'])]
    public function test_refuses_what_is_no_amount(string $typed): void
    {
        $this->expectException(InvalidInput::class);
        Money::read($typed);
    }
}
