<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Checking;

use CleanRace\Core\Checking\BrakeHeld;
use CleanRace\Core\Checking\CaliperState;
use CleanRace\Core\Checking\Coast;
use CleanRace\Core\Checking\ComplaintKind;
use CleanRace\Core\Checking\EndFloat;
use CleanRace\Core\Checking\Evidence;
use CleanRace\Core\Checking\InnerFeel;
use CleanRace\Core\Checking\Listen;
use CleanRace\Core\Checking\Rock;
use CleanRace\Core\Checking\RockCheck;
use CleanRace\Core\Checking\RockCheckInput;
use CleanRace\Core\Checking\RockCheckResult;
use CleanRace\Core\Checking\SealLook;
use CleanRace\Core\Checking\Spin;
use CleanRace\Core\Checking\Suspect;
use CleanRace\Core\Checking\Suspicion;
use CleanRace\Core\Checking\Urgency;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Sound\Finding\Heard;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CheckingTest extends TestCase
{
    private static function check(
        ?Rock $across = null,
        ?Rock $upright = null,
        ?Spin $spin = null,
        ?CaliperState $caliper = null,
        ?SealLook $seals = null,
    ): RockCheckResult {
        return (new RockCheck(Limits::standard()))->work(new RockCheckInput($across, $upright, $spin, $caliper, $seals));
    }

    /** @return iterable<string, array{RockCheckResult, Suspect, bool, Level}> */
    public static function cases(): iterable
    {
        yield 'play both ways and a rumble' => [
            self::check(Rock::AtHub, Rock::AtHub, Spin::Rumble, CaliperState::Freed),
            Suspect::Bearings,
            false,
            Level::Stop,
        ];
        yield 'a rub with the caliper on' => [
            self::check(Rock::None, Rock::None, Spin::Rub, CaliperState::NotFreed),
            Suspect::Brake,
            true,
            Level::Care,
        ];
        yield 'play further in, one plane' => [
            self::check(Rock::None, Rock::FurtherIn, Spin::Quiet, CaliperState::Freed),
            Suspect::Joints,
            false,
            Level::Stop,
        ];
        yield 'rumble without play' => [
            self::check(Rock::None, Rock::None, Spin::Rumble, CaliperState::Freed),
            Suspect::Bearings,
            true,
            Level::Care,
        ];
        yield 'grinding' => [
            self::check(Rock::None, Rock::None, Spin::Grind, CaliperState::Freed),
            Suspect::Bearings,
            false,
            Level::Stop,
        ];
        yield 'locked' => [self::check(spin: Spin::Locked, caliper: CaliperState::Freed), Suspect::Bearings, false, Level::Stop];
        yield 'grease outside' => [
            self::check(Rock::None, Rock::None, Spin::Quiet, CaliperState::Freed, SealLook::GreaseOut),
            Suspect::Seal,
            true,
            Level::Care,
        ];
    }

    #[DataProvider('cases')]
    public function test_checks_point_to_a_part_and_say_whether_it_may_be_ridden(
        RockCheckResult $result,
        Suspect $first,
        bool $ride,
        Level $level,
    ): void {
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
        self::assertNull(self::check(Rock::None)->mayBeRidden);
        self::assertTrue(self::check(Rock::None, Rock::None, Spin::Quiet)->mayBeRidden);
    }

    public function test_before_it_was_tried_nobody_says_that_it_may_be_ridden(): void
    {
        $says = static fn (RockCheckResult $of): string => $of->verdict->sentence->inEnglish();
        self::assertStringNotContainsString('may be ridden;', $says(self::check(Rock::None)));
        self::assertStringContainsString('Nothing found so far', $says(self::check(Rock::None)));
        self::assertStringContainsString('may be ridden;', $says(self::check(Rock::None, Rock::None, Spin::Quiet, CaliperState::Freed)));
    }

    public function test_only_bearings_are_renewed_on_both_sides(): void
    {
        $says = static fn (RockCheckResult $of): string => $of->verdict->sentence->inEnglish();
        self::assertStringContainsString('both sides', $says(self::check(Rock::None, Rock::None, Spin::Rumble, CaliperState::Freed)));
        self::assertStringNotContainsString('both sides', $says(self::check(Rock::None, Rock::None, Spin::Rub, CaliperState::NotFreed)));
    }

    public function test_when_in_doubt_it_names_the_check_that_splits(): void
    {
        $result = self::check(spin: Spin::Locked, caliper: CaliperState::NotFreed);
        self::assertSame('check.between', $result->verdict->headline->key);
        self::assertNotNull($result->verdict->settledBy);
    }

    public function test_a_rumble_makes_bearings_likelier_than_no_rumble(): void
    {
        $share = static fn (Spin $spin): float => array_values(
            array_filter(
                self::check(Rock::None, Rock::None, $spin)->suspects,
                static fn ($s): bool => $s->suspect === Suspect::Bearings,
            ),
        )[0]->probability->share;
        self::assertGreaterThan($share(Spin::Quiet), $share(Spin::Rumble));
        self::assertGreaterThan($share(Spin::Rumble), $share(Spin::Grind));
    }

    public function test_the_evidence_table_speaks_only_of_what_can_be_said(): void
    {
        $outcomes = [
            'prior' => ['any'],
            'one_plane' => ['any'],
            'rock_3_9' => array_column(Rock::cases(), 'value'),
            'rock_12_6' => array_column(Rock::cases(), 'value'),
            'caliper' => array_column(CaliperState::cases(), 'value'),
            'brake_held' => array_column(BrakeHeld::cases(), 'value'),
            'end_float' => array_column(EndFloat::cases(), 'value'),
            'listen' => array_column(Listen::cases(), 'value'),
            'coast' => array_column(Coast::cases(), 'value'),
            'inner_left' => array_column(InnerFeel::cases(), 'value'),
            'inner_right' => array_column(InnerFeel::cases(), 'value'),
            'sound_left' => array_column(Heard::cases(), 'value'),
            'sound_right' => array_column(Heard::cases(), 'value'),
            'sound_one' => array_column(Heard::cases(), 'value'),
            'complaint' => array_column(ComplaintKind::cases(), 'value'),
            'spin' => array_column(Spin::cases(), 'value'),
            'seals' => array_column(SealLook::cases(), 'value'),
        ];
        foreach (Table::rows('check_evidence') as $row) {
            self::assertContains($row['outcome'], $outcomes[$row['check']]);
            self::assertTrue(
                in_array($row['suspect'], ['left', 'right'], true) || Suspect::tryFrom($row['suspect']) !== null,
                $row['suspect'],
            );
            self::assertNotSame('', $row['reason']);
        }
        self::assertSame(
            array_filter(Table::rows('check_evidence'), static fn (array $r): bool => $r['check'] === 'rock_3_9') !== [],
            true,
        );
    }

    public function test_no_check_at_all_is_refused(): void
    {
        $this->expectException(InvalidInput::class);
        self::check(caliper: CaliperState::Freed);
    }

    private static function full(RockCheckInput $input): RockCheckResult
    {
        return (new RockCheck(Limits::standard()))->work($input);
    }

    private static function share(RockCheckResult $result, Suspect $of): float
    {
        return array_values(
            array_filter($result->suspects, static fn (Suspicion $s): bool => $s->suspect === $of),
        )[0]->probability->share;
    }

    public function test_a_knock_that_goes_with_the_brake_held_is_the_hub_and_one_that_stays_is_further_in(): void
    {
        $held = static fn (BrakeHeld $brake): RockCheckResult => self::full(
            new RockCheckInput(Rock::AtHub, Rock::None, brakeHeld: $brake),
        );
        self::assertSame(Suspect::Bearings, $held(BrakeHeld::Gone)->first);
        self::assertSame(Suspect::Joints, $held(BrakeHeld::Still)->first);
    }

    public function test_one_of_two_bearings_is_named_when_hands_tell(): void
    {
        $result = self::full(
            new RockCheckInput(Rock::AtHub, Rock::AtHub, Spin::Rumble, innerLeft: InnerFeel::Smooth, innerRight: InnerFeel::Notchy),
        );
        self::assertLessThan(0.1, $result->left->share);
        self::assertStringContainsString('the right bearing', $result->verdict->headline->inEnglish());
        self::assertStringContainsString(
            'the wheel bearings',
            self::full(new RockCheckInput(Rock::AtHub, Rock::AtHub, Spin::Grind))->verdict->headline->inEnglish(),
            'nothing tells them apart',
        );
        self::assertGreaterThan(0.7, self::full(new RockCheckInput(spin: Spin::Rumble, listen: Listen::Left))->left->share);
    }

    public function test_cones_and_freehub_are_suspected_only_where_there_are_any(): void
    {
        $names = static fn (RockCheckResult $r): array => array_map(static fn (Suspicion $s): string => $s->suspect->value, $r->suspects);
        self::assertNotContains('cone_setting', $names(self::full(new RockCheckInput(Rock::AtHub))));
        self::assertContains('cone_setting', $names(self::full(new RockCheckInput(Rock::AtHub, cones: true))));
        $chain = new RockCheckInput(complaints: [ComplaintKind::Chain], freehub: true);
        self::assertGreaterThan(0.1, self::share(self::full($chain), Suspect::Freehub));
    }

    public function test_nobody_suspects_what_a_hub_does_not_have(): void
    {
        $dry = new RockCheckInput(
            spin: Spin::Rumble,
            seals: SealLook::Dry,
            innerLeft: InnerFeel::Dry,
            without: [Suspect::Seal, Suspect::AxleNut, Suspect::Brake, Suspect::Joints, Suspect::WheelTyre],
        );
        $result = (new RockCheck(Limits::standard()))->work($dry);
        self::assertSame([Suspect::Bearings], array_map(static fn (Suspicion $s): Suspect => $s->suspect, $result->suspects));
    }

    public function test_the_next_check_is_the_one_that_splits_the_first_two(): void
    {
        $settled = self::full(new RockCheckInput(spin: Spin::Locked, caliper: CaliperState::NotFreed))->verdict->settledBy;
        self::assertNotNull($settled);
        self::assertContains(rtrim($settled->inEnglish(), '.'), array_column(Table::rows('checks'), 'say'));
        self::assertStringNotContainsString('Spin it and listen', $settled->inEnglish(), 'that check is made');
        $joints = self::full(new RockCheckInput(Rock::AtHub, Rock::None, caliper: CaliperState::Freed))->verdict->settledBy;
        self::assertStringContainsString('brake held', (string) $joints?->inEnglish(), 'hub or further in: the brake tells');
    }

    /** @return iterable<string, array{RockCheckInput, Urgency}> */
    public static function urgencies(): iterable
    {
        yield 'play' => [new RockCheckInput(Rock::AtHub), Urgency::Stop];
        yield 'broken' => [new RockCheckInput(Rock::None, broken: true), Urgency::Stop];
        yield 'an inner ring locked' => [new RockCheckInput(innerLeft: InnerFeel::Locked), Urgency::Stop];
        yield 'rough' => [new RockCheckInput(innerRight: InnerFeel::Rough), Urgency::Soon];
        yield 'rust' => [new RockCheckInput(Rock::None, Rock::None, Spin::Quiet, seals: SealLook::Rust), Urgency::Soon];
        yield 'dry and quiet' => [
            new RockCheckInput(Rock::None, Rock::None, Spin::Quiet, endFloat: EndFloat::Hair, coast: Coast::Long),
            Urgency::NextChance,
        ];
        yield 'nothing' => [new RockCheckInput(Rock::None, Rock::None, Spin::Quiet), Urgency::Fine];
        yield 'only its age' => [
            new RockCheckInput(Rock::None, Rock::None, Spin::Quiet, complaints: [ComplaintKind::Age]),
            Urgency::Fine,
        ];
    }

    #[DataProvider('urgencies')]
    public function test_it_says_how_soon(RockCheckInput $input, Urgency $urgency): void
    {
        $result = self::full($input);
        self::assertSame($urgency, $result->urgency);
        self::assertSame($urgency !== Urgency::Stop, $result->mayBeRidden);
    }

    public function test_every_check_of_the_table_has_answers_and_evidence(): void
    {
        foreach (Table::rows('checks') as $check) {
            $enum = 'CleanRace\\Core\\Checking\\'.$check['enum'];
            self::assertTrue(enum_exists($enum), $check['enum']);
            self::assertNotSame(
                [],
                array_filter(Table::rows('check_evidence'), static fn (array $r): bool => $r['check'] === $check['check']),
                $check['check'],
            );
        }
    }

    public function test_which_check_parts_two_suspects_depends_on_their_odds_alone(): void
    {
        $evidence = new Evidence(Limits::standard());
        $of = static fn (Suspect $suspect, float $p): Suspicion => new Suspicion($suspect, Share::of($p), []);
        $suspects = Suspect::cases();
        $named = 0;
        foreach ($suspects as $i => $first) {
            foreach (array_slice($suspects, $i + 1) as $second) {
                $at = static fn (float $scale): ?string => $evidence->splits(
                    new RockCheckInput(coast: Coast::Long),
                    $of($first, 0.5 * $scale),
                    $of($second, 0.4 * $scale),
                );
                self::assertSame($at(1.0), $at(0.2), "{$first->value} and {$second->value}");
                self::assertSame($at(1.0), $at(0.02));
                $named += $at(1.0) === null ? 0 : 1;
            }
        }
        self::assertGreaterThan(10, $named);
    }

    public function test_a_check_is_named_as_long_as_it_could_still_tell(): void
    {
        $splits = static fn (float $p, Suspect $other): ?string => (new Evidence(Limits::standard()))->splits(
            new RockCheckInput(coast: Coast::Long),
            new Suspicion(Suspect::Bearings, Share::of($p), []),
            new Suspicion($other, Share::of(1 - $p), []),
        );
        self::assertNotNull($splits(0.992, Suspect::Brake));
        self::assertNull($splits(0.995, Suspect::Brake), 'nothing would change that');
        self::assertNotNull($splits(0.988, Suspect::AxleNut));
        self::assertNull($splits(0.992, Suspect::AxleNut));
    }

    public function test_what_is_certain_is_split_by_nothing(): void
    {
        foreach ([[1.0, 0.0], [0.0, 1.0]] as [$one, $other]) {
            self::assertNull(
                (new Evidence(Limits::standard()))->splits(
                    new RockCheckInput(coast: Coast::Long),
                    new Suspicion(Suspect::Bearings, Share::of($one), []),
                    new Suspicion(Suspect::Brake, Share::of($other), []),
                ),
            );
        }
    }
}
