<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sourcing;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Sourcing\Difference;
use CleanRace\Core\Sourcing\MatchCheck;
use CleanRace\Core\Sourcing\MatchCheckInput;
use CleanRace\Core\Sourcing\MatchCheckResult;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MatchCheckTest extends TestCase
{
    private static function compare(string $old, string $new, ?float $width = null): MatchCheckResult
    {
        return (new MatchCheck(Limits::standard()))->work(
            new MatchCheckInput($old, $new, width: $width === null ? null : Reading::mm($width, Instrument::DigitalCaliper)),
        );
    }

    /** @return iterable<string, array{string, string, Level, list<string>}> what differs */
    public static function pairs(): iterable
    {
        yield 'the same' => ['6204 2RS', '6204 2RS', Level::Go, []];
        yield 'another maker\'s spelling' => ['6204 2RS', '6204 DDU', Level::Go, []];
        yield 'three digits for two' => ['61804 2RS', '6804LLU', Level::Go, []];
        yield 'one seal for two' => ['6204 2RS', '6204 RS1', Level::Stop, ['seals']];
        yield 'shields for seals' => ['6204 2RS', '6204 ZZ', Level::Stop, ['seals']];
        yield 'seals where it was open' => ['6204', '6204 2RS', Level::Care, ['seals']];
        yield 'unclear seals' => ['6204 2RS', '6204 RS', Level::Care, ['seals']];
        yield 'more clearance' => ['6204 2RS', '6204 2RS C3', Level::Care, ['clearance']];
        yield 'another size' => ['6204 2RS', '6205 2RS', Level::Stop, ['bore', 'outside', 'width']];
        yield 'same bore, other series' => ['6204 2RS', '6304 2RS', Level::Stop, ['outside', 'width']];
        yield 'inch for metric, a hair apart' => ['6202 2RS', '1623 2RS', Level::Stop, ['bore']];
    }

    /** @param  list<string>  $differ */
    #[DataProvider('pairs')]
    public function test_old_beside_new(string $old, string $new, Level $level, array $differ): void
    {
        $result = self::compare($old, $new);
        self::assertSame($level, $result->verdict->level);
        $worst = array_values(
            array_map(
                static fn (Difference $d): string => English::of($d->what),
                array_filter($result->compared, static fn (Difference $d): bool => $d->level === $level && $level !== Level::Go),
            ),
        );
        foreach ($differ as $what) {
            self::assertContains($what, $worst);
        }
    }

    public function test_same_bore_and_outside_but_another_width_is_seen(): void
    {
        $result = self::compare('6204 2RS', '6204 2RS', 18.0);
        self::assertSame(Level::Stop, $result->verdict->level);
        self::assertStringContainsString('width, measured', $result->verdict->sentence->inEnglish());
        self::assertSame(Level::Go, self::compare('6204 2RS', '6204 2RS', 13.96)->verdict->level);
    }

    public function test_a_size_that_is_not_in_the_table_is_only_compared_by_number(): void
    {
        self::assertSame(Level::Go, self::compare('6220 2RS', '6220 2RS')->verdict->level);
        self::assertSame(Level::Care, self::compare('6220 2RS', '6004 2RS')->verdict->level);
    }

    public function test_the_number_that_cannot_be_read_is_named(): void
    {
        foreach (['old_number' => ['?', '6204'], 'new_number' => ['6204', '?']] as $field => [$old, $new]) {
            try {
                self::compare($old, $new);
                self::fail($field);
            } catch (InvalidInput $invalid) {
                self::assertSame($field, $invalid->field);
            }
        }
    }

    public function test_a_number_that_no_table_knows_is_compared_by_its_letters(): void
    {
        $check = new MatchCheck(Limits::standard());
        $level = static fn (string $old, string $new): Level => $check->work(new MatchCheckInput($old, $new))->verdict->level;
        self::assertSame(Level::Go, $level('6220', '6220'));
        self::assertSame(Level::Care, $level('6204', '6220'));
        self::assertSame(Level::Care, $level('6220', '6204'));
    }
}
