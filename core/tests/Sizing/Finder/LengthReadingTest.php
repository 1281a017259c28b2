<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\Finder;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Sizing\Finder\LengthReading;
use CleanRace\Core\Sizing\Finder\LengthReadingInput;
use PHPUnit\Framework\TestCase;

/** A typed length in both systems. */
final class LengthReadingTest extends TestCase
{
    public function test_a_length_shows_both_ways_and_a_fraction_only_when_it_is_one(): void
    {
        $result = (new LengthReading())->work(new LengthReadingInput('1 1/16 in'));
        self::assertEqualsWithDelta(26.9875, $result->length->mm, 1e-9);
        self::assertSame('1 1/16 in', $result->fraction);
        self::assertSame('1.0625 in', $result->inches);
        self::assertNull((new LengthReading())->work(new LengthReadingInput('26.99'))->fraction);
        self::assertSame('1 in', (new LengthReading())->work(new LengthReadingInput('25.4'))->fraction);
    }
}
