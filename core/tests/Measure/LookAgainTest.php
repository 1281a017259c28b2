<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Measure;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\LookAgain;
use CleanRace\Core\Measure\Meter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Meters and times to look again, as people write them. */
final class LookAgainTest extends TestCase
{
    /** @return iterable<string, array{string, ?float, string}> */
    public static function meters(): iterable
    {
        yield 'kilometres' => ['12 000 km', 12000.0, 'km'];
        yield 'a comma for thousands' => ['7,800 miles', 7800.0, 'mi'];
        yield 'a dot for thousands' => ['12.400km', 12400.0, 'km'];
        yield 'hours with a decimal' => ['320,5 h', 320.5, 'h'];
        yield 'hours written out' => ['320 hours', 320.0, 'h'];
        yield 'no unit' => ['12000', null, ''];
        yield 'no number' => ['many km', null, ''];
        yield 'too many' => ['99 000 000 km', null, ''];
    }

    #[DataProvider('meters')]
    public function test_meters(string $typed, ?float $amount, string $unit): void
    {
        if ($amount === null) {
            $this->expectException(InvalidInput::class);
        }
        $meter = Meter::read($typed);
        self::assertSame([$amount, $unit], [$meter->amount, $meter->unit]);
        self::assertSame($amount, Meter::read($meter->text())->amount);
    }

    /** @return iterable<string, array{string, array<string, mixed>}> what is said, what is not nothing */
    public static function times(): iterable
    {
        yield 'a day' => ['2027-03-01', ['on' => '2027-03-01']];
        yield 'a day in words' => ['1 March 2027', ['on' => '2027-03-01']];
        yield 'a day with dots' => ['1.3.2027', ['on' => '2027-03-01']];
        yield 'a month' => ['Mar 2027', ['on' => '2027-03-01']];
        yield 'months' => ['in 6 months', ['months' => 6]];
        yield 'a year' => ['a year', ['months' => 12]];
        yield 'half a year' => ['half a year', ['months' => 6]];
        yield 'weeks' => ['2 weeks', ['days' => 14]];
        yield 'days' => ['7 days', ['days' => 7]];
        yield 'a season' => ['before the spring', ['before' => 3]];
        yield 'the season' => ['before the season', ['before' => 3]];
        yield 'winter' => ['winter', ['before' => 12]];
        yield 'at a meter reading' => ['12 000 km', ['at' => '12 000 km']];
        yield 'after so much more' => ['+500 km', ['after' => '500 km']];
        yield 'after so many hours' => ['in 50 h', ['after' => '50 h']];
    }

    /** @param  array<string, mixed>  $says */
    #[DataProvider('times')]
    public function test_times_to_look_again(string $typed, array $says): void
    {
        $read = LookAgain::read($typed);
        $all = [
            'on' => $read->on,
            'days' => $read->days ?: null,
            'months' => $read->months ?: null,
            'before' => $read->before,
            'at' => $read->at?->text(),
            'after' => $read->after?->text(),
        ];
        self::assertSame($says, array_filter($all, static fn (mixed $v): bool => $v !== null));
    }

    public function test_what_is_no_time_is_said(): void
    {
        foreach (['', 'soon', '2027-13-01', '30.2.2027', 'half a month', 'before the ferry', '12000', '31 Foo 2027'] as $typed) {
            try {
                LookAgain::read($typed);
                self::fail("$typed was read");
            } catch (InvalidInput $invalid) {
                self::assertStringContainsString('6 months', $invalid->getMessage());
            }
        }
    }
}
