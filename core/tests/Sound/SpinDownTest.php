<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sound;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Sound\SpinDown\SpinDown;
use CleanRace\Core\Sound\SpinDown\SpinDownInput;
use CleanRace\Core\Sound\SpinDown\SpinDownResult;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** How a wheel runs out, by when its valve passed. */
final class SpinDownTest extends TestCase
{
    /**
     * Passes of a wheel whose speed falls by $dry + $viscous·v each second, walked in small steps: not by the formulas that are tried.
     *
     * @param  float  $scatter standard deviation of a tap, in s
     */
    private static function passes(float $speed, float $dry, float $viscous, int $passes, float $scatter = 0.0, int $seed = 1): string
    {
        $random = new Randomizer(new Mt19937($seed));
        $times = [];
        $turned = 0.0;
        for ($t = 0.0; count($times) < $passes && $speed > 0.05; $t += 1e-4) {
            if ($turned >= count($times)) {
                // Twelve throws make nearly a bell.
                $off = array_sum(array_map(static fn (): float => $random->getInt(0, 1_000_000) / 1e6, range(1, 12))) - 6;
                $times[] = sprintf('%.3f', $t + 1 + $scatter * $off);
            }
            $turned += $speed * 1e-4;
            $speed -= ($dry + $viscous * $speed) * 1e-4;
        }

        return implode(' ', $times);
    }

    private static function work(string $passes, ?string $before = null, ?int $grams = null, ?Length $radius = null): SpinDownResult
    {
        return (new SpinDown(Limits::standard()))->work(new SpinDownInput($passes, $before, rimGrams: $grams, radius: $radius));
    }

    public function test_dry_friction_is_found_as_much_as_it_is_and_even(): void
    {
        $found = self::work(self::passes(3.0, 0.20, 0.0, 20));
        self::assertEqualsWithDelta(0.20, $found->slowing, 0.002);
        self::assertSame('constant', $found->shape);
        self::assertSame('spin.constant', $found->verdict->sentence->key);
    }

    public function test_what_grows_with_speed_is_told_from_it(): void
    {
        $found = self::work(self::passes(4.0, 0.0, 0.12, 30));
        self::assertSame('grows_with_speed', $found->shape);
        self::assertEqualsWithDelta(0.12 * $found->speed, $found->slowing, 0.03 * $found->slowing, 'at the speed of the middle');
    }

    public function test_with_taps_that_scatter_the_truth_lies_within_what_it_says(): void
    {
        $within = 0;
        $shapes = ['constant' => 0, 'grows_with_speed' => 0, 'not_told' => 0];
        for ($seed = 1; $seed <= 200; $seed++) {
            $found = self::work(self::passes(3.0, 0.15, 0.0, 22, 0.03, $seed));
            $within += abs($found->slowing - 0.15) <= $found->slowingPlusMinus ? 1 : 0;
            $shapes[$found->shape]++;
        }
        self::assertGreaterThanOrEqual(180, $within, 'twice the standard deviation holds it in nineteen of twenty');
        self::assertLessThanOrEqual(16, $shapes['grows_with_speed'], 'dry is seldom called viscous');
    }

    public function test_few_passes_tell_how_much_and_not_how(): void
    {
        $found = self::work(self::passes(2.0, 0.3, 0.0, 5));
        self::assertEqualsWithDelta(0.3, $found->slowing, 0.01);
        self::assertSame('not_told', $found->shape);
    }

    public function test_before_against_after(): void
    {
        $dragging = self::passes(3.0, 0.40, 0.0, 16);
        $free = self::passes(3.0, 0.10, 0.0, 16);
        $better = self::work($free, $dragging);
        self::assertSame([Level::Go, 'spin.easier'], [$better->verdict->level, $better->verdict->headline->key]);
        self::assertEqualsWithDelta(0.25, $better->ofBefore, 0.01);
        $worse = self::work($dragging, $free);
        self::assertSame([Level::Care, 'spin.harder'], [$worse->verdict->level, $worse->verdict->headline->key]);
        self::assertSame('spin.same', self::work($free, $free)->verdict->headline->key);
    }

    public function test_spun_slower_a_wheel_with_grease_is_not_taken_for_an_easier_one(): void
    {
        [$fast, $slow] = [self::passes(4.0, 0.0, 0.15, 13), self::passes(2.0, 0.0, 0.15, 8)];
        self::assertSame('spin.speed', self::work($slow, $fast)->verdict->headline->key);
        // Five times freer, it is told at any speed.
        self::assertSame('spin.easier', self::work(self::passes(2.0, 0.0, 0.03, 12), $fast)->verdict->headline->key);
        self::assertSame('spin.harder', self::work($fast, self::passes(2.0, 0.0, 0.03, 12))->verdict->headline->key);
    }

    public function test_the_other_wheel_counts_only_when_it_is_alike(): void
    {
        [$dragging, $free] = [self::passes(3.0, 0.40, 0.0, 16), self::passes(3.0, 0.10, 0.0, 16)];
        $against = static fn (string $now, bool $alike): SpinDownResult => (new SpinDown(Limits::standard()))->work(
            new SpinDownInput($now, other: $now === $free ? $dragging : $free, alike: $alike),
        );
        self::assertSame([Level::Care, 'spin.other_harder'], [
            $against($dragging, true)->verdict->level,
            $against($dragging, true)->verdict->headline->key,
        ]);
        self::assertSame('spin.other_easier', $against($free, true)->verdict->headline->key);
        self::assertEqualsWithDelta(4.0, $against($dragging, true)->ofOther, 0.1);
        $unlike = $against($dragging, false);
        self::assertSame(['spin.rate', null], [$unlike->verdict->headline->key, $unlike->ofOther]);
        self::assertStringContainsString('like rims', $unlike->verdict->next?->inEnglish() ?? '');
    }

    public function test_torque_takes_the_rim(): void
    {
        // 2 kg at 0.3 m is 0.18 kg·m²; 0.2 turns/s² is 1.257 rad/s².
        $found = self::work(self::passes(3.0, 0.20, 0.0, 20), null, 2000, Length::mm(300));
        self::assertEqualsWithDelta(0.226, $found->torque?->newtonMetres, 0.004);
        self::assertNull(self::work(self::passes(3.0, 0.20, 0.0, 20))->torque);
        $this->expectExceptionMessage('A torque takes both');
        new SpinDownInput('1 2 3 4', rimGrams: 2000);
    }

    public function test_a_wheel_that_hardly_slows_says_so(): void
    {
        self::assertSame('spin.none', self::work(self::passes(2.0, 0.001, 0.0, 6))->verdict->headline->key);
    }

    public function test_times_are_read_as_people_write_them(): void
    {
        $plain = self::work('0.00 0.41 0.83 1.26 1.70 2.15');
        $ways = [
            '0.00, 0.41, 0.83, 1.26, 1.70, 2.15',
            '0,00 0,41 0,83 1,26 1,70 2,15',
            "0.00;0.41;0.83\n1.26 1.70\t2.15",
            '0,00, 0,41, 0,83, 1,26, 1,70, 2,15',
        ];
        foreach ($ways as $typed) {
            self::assertEqualsWithDelta($plain->slowing, self::work($typed)->slowing, 1e-9, $typed);
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function odd(): iterable
    {
        yield 'too few' => ['0.4 0.9 1.4', 'four passes at least'];
        yield 'words' => ['0.4 soon 1.4 2.0', '"soon" is no time'];
        yield 'backwards' => ['0.4 0.9 0.8 2.0', 'Pass 3 comes no later'];
        yield 'twice the same' => ['0.4 0.9 0.9 2.0', 'Pass 3 comes no later'];
        yield 'an hour' => ['1 2 3 3600', 'longer than ten minutes'];
        yield 'far too many' => [implode(' ', range(1, 501)), 'more than 500 passes'];
        yield 'below nought' => ['-1 2 3 4', '"-1" is no time'];
        yield 'nothing' => ['', 'four passes at least'];
    }

    #[DataProvider('odd')]
    public function test_what_is_no_run_is_refused_in_a_sentence(string $typed, string $says): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage($says);
        self::work($typed);
    }
}
