<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sound;

use CleanRace\Core\Catalogue\BallSet;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Practice\Bench\Spin\ContactMicrophone;
use CleanRace\Core\Practice\Bench\Spin\Fault;
use CleanRace\Core\Practice\Bench\Spin\Nuisance;
use CleanRace\Core\Practice\Bench\Spin\Recorded;
use CleanRace\Core\Practice\Bench\Spin\Scene;
use CleanRace\Core\Sound\Beside;
use CleanRace\Core\Sound\Finding\Heard;
use CleanRace\Core\Sound\Hearing\Taps;
use CleanRace\Core\Sound\Listen\Listen;
use CleanRace\Core\Sound\Listen\ListenInput;
use CleanRace\Core\Sound\Listen\ListenResult;
use CleanRace\Core\Sound\TurningRing;
use CleanRace\Core\Sound\Wave\WaveFile;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;

/** Simulated wheels are listened to: what is there is heard, and what is not is not. */
final class ListenTest extends TestCase
{
    private static function recorded(int $seed, mixed ...$how): Recorded
    {
        $balls = BallSet::usual(Length::mm(20), Length::mm(47));
        $turning = $how['turning'] ?? TurningRing::Outer;
        unset($how['turning']);

        return (new ContactMicrophone(new Chance(new Mt19937($seed))))->record(new Scene($balls, $turning, ...$how));
    }

    private static function listen(Recorded $recorded, mixed ...$more): ListenResult
    {
        $passes = implode(' ', array_map(static fn (float $t): string => sprintf('%.3f', $t), $recorded->taps));

        return (new Listen(Limits::standard()))->work(new ListenInput(
            ...$more + ['recording' => base64_encode($recorded->wave()), 'number' => '6204', 'passes' => $passes],
        ));
    }

    /** @return list<string> */
    private static function why(ListenResult $result): array
    {
        return array_map(static fn (Message $m): string => $m->inEnglish(), $result->why);
    }

    /** @return iterable<string, array{Heard, array<string, mixed>}> */
    public static function wheels(): iterable
    {
        foreach (TurningRing::cases() as $turning) {
            foreach ([[Heard::OuterRing, Fault::Outer], [Heard::InnerRing, Fault::Inner], [Heard::Ball, Fault::Ball]] as [$heard, $fault]) {
                yield "$fault->value, $turning->value turns" => [$heard, ['turning' => $turning, 'fault' => $fault, 'size' => 34.0]];
            }
        }
        yield 'dry' => [Heard::Dry, ['fault' => Fault::Dry, 'size' => 6.0]];
        yield 'nothing' => [Heard::Quiet, []];
        yield 'brake' => [Heard::Rub, ['rub' => 10.0]];
        yield 'spoke' => [Heard::Rub, ['tick' => 60.0]];
        yield 'freehub' => [Heard::Rub, ['pawls' => 24]];
        yield 'too loud' => [Heard::Unclear, ['fault' => Fault::Outer, 'size' => 34.0, 'nuisances' => [Nuisance::Clipping]]];
        yield 'talk' => [Heard::Unclear, ['nuisances' => [Nuisance::Voice]]];
        yield 'not touching' => [Heard::Unclear, ['nuisances' => [Nuisance::NoTouch]]];
        yield 'three seconds' => [Heard::Unclear, ['seconds' => 4.5]];
        yield 'by telephone' => [Heard::OuterRing, ['fault' => Fault::Outer, 'size' => 40.0, 'nuisances' => [Nuisance::Telephone]]];
    }

    /** @param  array<string, mixed>  $how */
    #[DataProvider('wheels')]
    public function test_what_is_there_is_heard(Heard $wanted, array $how): void
    {
        $result = self::listen(self::recorded(41, ...$how), turning: $how['turning'] ?? TurningRing::Outer);
        self::assertSame($wanted, $result->finding, implode(' ', self::why($result)));
        $likely = array_map(floatval(...), (array) $result->likelihoods);
        self::assertEqualsWithDelta(1.0, array_sum($likely), 0.001);
        self::assertSame(max($likely), $likely[lcfirst(str_replace('_', '', ucwords($wanted->value, '_')))]);
        self::assertSame($wanted === Heard::Quiet ? Level::Go : Level::Care, $result->verdict->level);
        self::assertNotEmpty($result->why);
    }

    public function test_the_part_that_speaks_stands_out_and_its_order_is_said(): void
    {
        $result = self::listen(self::recorded(41, fault: Fault::Inner, size: 34.0));
        self::assertGreaterThan(6, $result->strengths->innerRing);
        self::assertLessThan(5, $result->strengths->outerRing);
        self::assertStringContainsString('hurt inner ring', self::why($result)[0]);
        self::assertSame($result->turns, count($result->picture->turns ?? []));
        self::assertMatchesRegularExpression('/^[0-9a-f]{128}$/', $result->picture->turns[0] ?? '');
        self::assertCount(240, $result->picture->orders ?? []);
        self::assertSame(['outer_ring', 'inner_ring', 'ball', 'cage'], array_column($result->picture->marks ?? [], 'part'));
    }

    /** @return iterable<string, array{Heard, list<string>, array<string, mixed>}> what is heard without taps, and the first words why */
    public static function untapped(): iterable
    {
        yield 'nothing' => [Heard::Quiet, ['sound.quiet', 'sound.untapped'], []];
        yield 'outer ring' => [Heard::Unclear, ['sound.as_bearing'], ['fault' => Fault::Outer, 'size' => 40.0]];
        yield 'inner ring' => [Heard::Unclear, ['sound.as_bearing'], ['fault' => Fault::Inner, 'size' => 40.0]];
        yield 'brake' => [Heard::Rub, ['sound.rub', 'sound.turns_found'], ['rub' => 12.0]];
        yield 'spoke' => [Heard::Rub, ['sound.tick', 'sound.turns_found'], ['tick' => 60.0]];
        yield 'dry' => [Heard::Dry, ['sound.dry', 'sound.untapped'], ['fault' => Fault::Dry, 'size' => 6.0]];
        yield 'talk' => [Heard::Unclear, ['sound.restless', 'sound.untapped'], ['nuisances' => [Nuisance::Voice]]];
        yield 'four seconds' => [Heard::Unclear, ['sound.short', 'sound.untapped'], ['rub' => 12.0, 'seconds' => 4.5]];
    }

    /**
     * @param  list<string>  $why
     * @param  array<string, mixed>  $how
     */
    #[DataProvider('untapped')]
    public function test_without_taps_what_can_be_told_is_and_no_part_is_named(Heard $wanted, array $why, array $how): void
    {
        $result = self::listen(self::recorded(42, ...$how), passes: null);
        self::assertSame($wanted, $result->finding, implode(' ', self::why($result)));
        self::assertSame($why, array_map(static fn (Message $m): string => $m->key, $result->why));
        self::assertNull($result->tapScatterMs);
        $parts = $result->likelihoods->outerRing + $result->likelihoods->innerRing + $result->likelihoods->ball;
        $bearing = $why === ['sound.as_bearing'];
        self::assertSame($bearing, $parts > 0.4);
        self::assertSame($bearing, $result->verdict->headline->key === 'sound.says.bearing');
    }

    public function test_what_comes_once_a_turn_tells_the_turns_that_nobody_tapped(): void
    {
        $recorded = self::recorded(46, rub: 8.0);
        [$tapped, $found] = [self::listen($recorded), self::listen($recorded, passes: null)];
        self::assertEqualsWithDelta($tapped->turnsPerS, $found->turnsPerS, 0.05 * ($tapped->turnsPerS ?? 0.0));
        self::assertSame($found->turns, count($found->picture->turns ?? []));
        self::assertNull(self::listen(self::recorded(46, fault: Fault::Outer, size: 40.0), passes: null)->turnsPerS);
    }

    public function test_a_slow_wheel_with_a_hurt_outer_ring_is_not_taken_for_one_that_rubs(): void
    {
        foreach ([47, 48, 49] as $seed) {
            $slow = self::recorded($seed, fault: Fault::Outer, size: 45.0, speed: 1.2);
            self::assertNotSame(Heard::Rub, self::listen($slow, passes: null)->finding, "seed $seed");
        }
    }

    public function test_without_a_bearing_a_rub_is_still_heard(): void
    {
        self::assertSame(Heard::Rub, self::listen(self::recorded(43, rub: 10.0), number: null)->finding);
        $quiet = self::listen(self::recorded(43), number: null);
        self::assertSame(Heard::Quiet, $quiet->finding);
        self::assertStringContainsString('Which bearing', implode(' ', self::why($quiet)));
        self::assertNull($quiet->strengths->outerRing);
    }

    public function test_taps_on_the_screen_are_heard_and_left_out(): void
    {
        $recorded = self::recorded(44, nuisances: [Nuisance::Thumps]);
        self::assertSame(Heard::Quiet, self::listen($recorded, tapsAreHeard: true)->finding);
        self::assertNotSame(Heard::Quiet, self::listen($recorded)->finding);
    }

    public function test_a_freehub_that_crackles_is_not_called_dry(): void
    {
        $dry = self::recorded(41, fault: Fault::Dry, size: 6.0);
        self::assertSame(Heard::Unclear, self::listen($dry, freehub: true)->finding);
    }

    public function test_after_is_held_against_before(): void
    {
        $before = self::recorded(45, fault: Fault::Outer, size: 40.0);
        $passes = implode(' ', array_map(static fn (float $t): string => sprintf('%.3f', $t), $before->taps));
        $result = self::listen(self::recorded(46), before: base64_encode($before->wave()), beforePasses: $passes);
        $words = array_map(static fn (Message $m): string => $m->inEnglish(), $result->comparison->words ?? []);
        self::assertStringContainsString('outer ring that was heard before is no longer', implode(' ', $words));
        self::assertNotNull($result->comparison?->levelDb);
        $alone = self::listen(self::recorded(46), before: base64_encode($before->wave()));
        self::assertNull($alone->comparison?->levelDb);
    }

    public function test_the_same_wheel_twice_is_as_loud_and_tells_the_same(): void
    {
        $wheel = self::recorded(47, fault: Fault::Inner, size: 34.0);
        $passes = implode(' ', array_map(static fn (float $t): string => sprintf('%.3f', $t), $wheel->taps));
        $result = self::listen($wheel, before: base64_encode($wheel->wave()), beforePasses: $passes);
        self::assertEqualsWithDelta(0.0, $result->comparison->levelDb ?? 99.0, 0.01);
        $words = array_map(static fn (Message $m): string => $m->inEnglish(), $result->comparison->words ?? []);
        self::assertSame(['About as loud as before.', 'The inner ring is still heard.'], $words);
    }

    public function test_a_hub_is_told_of_nothing_that_it_cannot_have(): void
    {
        $listen = new Listen(Limits::standard());
        foreach ([['rub' => 10.0], ['tick' => 60.0], ['pawls' => 24]] as $how) {
            $recorded = self::recorded(41, ...$how);
            foreach ([$recorded->taps, []] as $taps) {
                $heard = $listen->hear(WaveFile::ofText($recorded->wave()), Taps::at($taps), null, Beside::on(false, false, false));
                $said = implode(' ', self::why($listen->said($heard, null)));
                self::assertDoesNotMatchRegularExpression('/brake|disc|tyre|spoke|valve|freehub|rim/i', $said);
                self::assertNotSame('', $said);
            }
        }
    }

    public function test_one_click_tells_nothing(): void
    {
        $samples = array_fill(0, 160_000, 0.0);
        $samples[80_000] = 0.9;
        $result = (new Listen(Limits::standard()))->work(new ListenInput(samples: array_values($samples)));
        self::assertSame(Heard::Unclear, $result->finding);
    }

    public function test_what_cannot_be_listened_to_is_refused(): void
    {
        foreach ([
            ['recording', []],
            ['recording', ['recording' => 'not base64!']],
            ['number', ['samples' => [0.1], 'number' => '32206']],
            ['outside_mm', ['samples' => [0.1], 'bore' => Length::mm(20)]],
            ['passes', ['samples' => [0.1], 'passes' => '1 2 soon']],
        ] as [$field, $given]) {
            try {
                (new Listen(Limits::standard()))->work(new ListenInput(...$given));
                self::fail("$field was taken.");
            } catch (InvalidInput $refused) {
                self::assertSame($field, $refused->field);
            }
        }
    }
}
