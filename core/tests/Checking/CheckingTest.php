<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Checking;

use CleanRace\Core\Catalogue\Table;
use CleanRace\Core\Checking\CaliperState;
use CleanRace\Core\Checking\Rock;
use CleanRace\Core\Checking\RockCheck;
use CleanRace\Core\Checking\RockCheckInput;
use CleanRace\Core\Checking\RockCheckResult;
use CleanRace\Core\Checking\SealLook;
use CleanRace\Core\Checking\Spin;
use CleanRace\Core\Checking\Suspect;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Limits;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CheckingTest extends TestCase
{
    private static function check(?Rock $across = null, ?Rock $upright = null, ?Spin $spin = null, ?CaliperState $caliper = null, ?SealLook $seals = null): RockCheckResult
    {
        return (new RockCheck(Limits::standard()))->work(new RockCheckInput($across, $upright, $spin, $caliper, $seals));
    }

    /** @return iterable<string, array{RockCheckResult, Suspect, bool, Level}> */
    public static function cases(): iterable
    {
        yield 'play both ways and a rumble' => [self::check(Rock::AtHub, Rock::AtHub, Spin::Rumble, CaliperState::Freed), Suspect::Bearings, false, Level::Stop];
        yield 'a rub with the caliper on' => [self::check(Rock::None, Rock::None, Spin::Rub, CaliperState::NotFreed), Suspect::Brake, true, Level::Care];
        yield 'play further in, one plane' => [self::check(Rock::None, Rock::FurtherIn, Spin::Quiet, CaliperState::Freed), Suspect::Joints, false, Level::Stop];
        yield 'rumble without play' => [self::check(Rock::None, Rock::None, Spin::Rumble, CaliperState::Freed), Suspect::Bearings, true, Level::Care];
        yield 'grinding' => [self::check(Rock::None, Rock::None, Spin::Grind, CaliperState::Freed), Suspect::Bearings, false, Level::Stop];
        yield 'locked' => [self::check(spin: Spin::Locked, caliper: CaliperState::Freed), Suspect::Bearings, false, Level::Stop];
        yield 'grease outside' => [self::check(Rock::None, Rock::None, Spin::Quiet, CaliperState::Freed, SealLook::GreaseOut), Suspect::Seal, true, Level::Care];
    }

    #[DataProvider('cases')]
    public function test_checks_point_to_a_part_and_say_whether_it_may_be_ridden(RockCheckResult $result, Suspect $first, bool $ride, Level $level): void
    {
        self::assertSame([$first, $ride, $level], [$result->first, $result->mayBeRidden, $result->verdict->level]);
        self::assertSame($first, $result->suspects[0]->suspect);
        self::assertNotEmpty($result->verdict->working->lines);
    }

    public function test_shares_add_up_and_are_never_certain(): void
    {
        $result = self::check(Rock::AtHub, Rock::AtHub, Spin::Grind, CaliperState::Freed, SealLook::Rust);
        $shares = array_map(static fn ($s): float => $s->probability->share, $result->suspects);
        self::assertEqualsWithDelta(1.0, array_sum($shares), 1e-9);
        foreach ($shares as $share) {
            self::assertThat($share, self::logicalAnd(self::greaterThan(0.0), self::lessThan(0.97)));
        }
    }

    public function test_nothing_found_is_go_only_after_all_checks(): void
    {
        self::assertSame(Level::Go, self::check(Rock::None, Rock::None, Spin::Quiet)->verdict->level);
        self::assertSame(Level::Care, self::check(Rock::None)->verdict->level);
        self::assertTrue(self::check(Rock::None)->mayBeRidden);
    }

    public function test_when_in_doubt_it_names_the_check_that_splits(): void
    {
        $result = self::check(spin: Spin::Locked, caliper: CaliperState::NotFreed);
        self::assertSame('check.between', $result->verdict->headline->key);
        self::assertNotNull($result->verdict->settledBy);
    }

    public function test_a_rumble_makes_bearings_likelier_than_no_rumble(): void
    {
        $share = static fn (Spin $spin): float => array_values(array_filter(self::check(Rock::None, Rock::None, $spin)->suspects, static fn ($s): bool => $s->suspect === Suspect::Bearings))[0]->probability->share;
        self::assertGreaterThan($share(Spin::Quiet), $share(Spin::Rumble));
        self::assertGreaterThan($share(Spin::Rumble), $share(Spin::Grind));
    }

    public function test_the_evidence_table_speaks_only_of_what_can_be_said(): void
    {
        $outcomes = [
            'prior' => ['any'], 'one_plane' => ['any'], 'rock_3_9' => array_column(Rock::cases(), 'value'), 'rock_12_6' => array_column(Rock::cases(), 'value'),
            'caliper' => array_column(CaliperState::cases(), 'value'), 'spin' => array_column(Spin::cases(), 'value'), 'seals' => array_column(SealLook::cases(), 'value'),
        ];
        foreach (Table::rows('check_evidence') as $row) {
            self::assertContains($row['outcome'], $outcomes[$row['check']]);
            self::assertNotNull(Suspect::tryFrom($row['suspect']));
            self::assertNotSame('', $row['reason']);
        }
        self::assertSame(array_filter(Table::rows('check_evidence'), static fn (array $r): bool => $r['check'] === 'rock_3_9') !== [], true);
    }

    public function test_no_check_at_all_is_refused(): void
    {
        $this->expectException(Nonsense::class);
        self::check(caliper: CaliperState::Freed);
    }
}
