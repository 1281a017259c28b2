<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Job;

use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Steps\Status;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Each slip is stopped where it happens, and good work is not held up. */
final class SlipsTest extends TestCase
{
    use GoodWheel;

    private static function headlineKey(JobReport $report, string $step): ?string
    {
        return (self::step($report, $step)->verdicts[0] ?? null)?->headline->key;
    }

    /** @return iterable<string, array{array<string, ?array<string, mixed>>, string, string}> what is otherwise, where it stops, how */
    public static function slips(): iterable
    {
        $depths = static fn (string $at, array $mm): array => array_combine(
            array_map(static fn (int $h): string => "$at.$h", array_keys($mm)),
            array_map(static fn (string $t): array => ['typed' => $t], $mm),
        );
        $seats = [
            'seat.left.home.12' => null,
            'seat.left.home.3' => null,
            'seat.left.home.6' => null,
            'seat.left.home.9' => null,
            'seat.left.home.signs' => null,
        ];
        yield 'cocked ring' => [
            [
                ...$depths('seat.left.start', [12 => '3.00', 3 => '3.40', 6 => '3.80', 9 => '3.40']),
                'seat.left.start.eye' => null,
                ...$seats,
            ],
            'seat.left.start',
            'square.out',
        ];
        yield 'cocked by eye' => [
            [
                'seat.right.start.12' => null,
                'seat.right.start.3' => null,
                'seat.right.start.6' => null,
                'seat.right.start.9' => null,
                'seat.right.start.eye' => ['choice' => 'cocked'],
                'seat.pair_feel' => null,
                ...$depths('seat.right.home', [12 => '8.8', 3 => '8.8', 6 => '8.8', 9 => '8.8']),
            ],
            'seat.right.start',
            'square.out',
        ];
        yield 'loose bore' => [
            [
                ...$depths('bore.left.lip', [12 => '47.06', 2 => '47.06', 4 => '47.06']),
                ...$depths('bore.left.bottom', [12 => '47.06', 2 => '47.06', 4 => '47.06']),
                'fit.left.feel' => ['choice' => 'rattles'],
            ],
            'size.left.bore',
            'fit.loose',
        ];
        yield 'spacer tube left on the tray' => [['part.sleeve' => ['state' => 'on_tray']], 'seat.right.home', 'second.no_sleeve'];
        yield 'spacer tube not looked for' => [['seat.look_through' => ['choice' => 'not_seen']], 'seat.sleeve', 'second.no_sleeve'];
        yield 'second bearing overdrawn' => [
            [...$depths('seat.right.home', [12 => '9.60', 3 => '9.60', 6 => '9.60', 9 => '9.60']), 'seat.pair_feel' => null],
            'seat.right.home',
            'second.past',
        ];
        yield 'overdrawn, as hands feel it' => [
            ['seat.pair_feel' => ['choices' => ['binds', 'clamped_drags']]],
            'seat.right.home',
            'second.too_far',
        ];
        yield 'first bearing not home' => [
            [...$depths('seat.left.home', [12 => '8.60', 3 => '8.60', 6 => '8.60', 9 => '8.60']), 'seat.left.home.signs' => null],
            'seat.left.home',
            'home.not',
        ];
        yield 'ring not in its groove' => [['seat.ring_seated' => ['choice' => 'not_all']], 'seat.ring', 'ring.out'];
        yield 'one seal for two' => [['source.left.number' => ['text' => '6204 RS1']], 'source.left.match', 'match.wrong'];
        yield 'wrong width' => [['source.right.width' => ['typed' => '18.0']], 'source.right.match', 'match.wrong'];
        yield 'driver on the inner ring' => [['seat.driver' => ['choice' => '8'], ...$seats], 'seat.driver', 'driver.not'];
        yield 'axle only under blows' => [['set.axle_passes' => ['choice' => 'blows']], 'set.axle', 'axle.blows'];
        yield 'pinch bolts before the axle' => [['fastener.axle_nut.done' => null], 'set.pinch_bolts', 'torque.order'];
        yield 'drags when clamped' => [['set.turns' => ['choice' => 'drags']], 'set.clamped', 'clamped.drags'];
        yield 'pin used again' => [['set.pins' => ['choice' => 'old']], 'set.clamped', 'pins.old'];
        yield 'a last check not passed' => [['prove.brake_free' => ['choice' => 'fail']], 'prove.checks', 'prove.failed'];
    }

    /** @param  array<string, ?array<string, mixed>>  $otherwise */
    #[DataProvider('slips')]
    public function test_each_slip_is_stopped_where_it_happens(array $otherwise, string $step, string $key): void
    {
        $report = self::report(self::job($otherwise));
        $found = self::step($report, $step);
        $keys = array_map(
            static fn ($v): string => $v->headline->key,
            array_filter($found->verdicts, static fn ($v): bool => $v->level === Level::Stop),
        );
        self::assertContains($key, $keys);
        self::assertFalse($report->maySign);
    }

    public function test_a_proven_bearing_is_not_held_up_by_the_driver_that_pushed_it(): void
    {
        $none = self::report(self::job(), tools: []);
        self::assertSame('driver.none', self::step($none, 'seat.driver')->verdicts[0]->headline->key);
        self::assertTrue($none->maySign, 'home and square, with whatever it was');
        $notHome = self::report(
            self::job([
                'seat.left.home.12' => null,
                'seat.left.home.3' => null,
                'seat.left.home.6' => null,
                'seat.left.home.9' => null,
                'seat.left.home.signs' => null,
            ]),
            tools: [],
        );
        self::assertContains('seat.driver', array_map(static fn ($b): string => $b->step, $notHome->blocks));
        self::assertFalse($notHome->maySign);
        foreach (['by_hand', 'old_ring'] as $other) {
            self::assertSame(
                Level::Go,
                self::step(self::report(self::job(['seat.driver' => ['choice' => $other]]), tools: []), 'seat.driver')->verdicts[0]
                    ->level,
            );
        }
        $sized = static fn (string $outside, ?string $opening): Level => self::step(
            self::report(
                self::job([
                    'seat.driver' => ['choice' => 'made'],
                    'seat.driver.outside' => ['typed' => $outside],
                    'seat.driver.opening' => $opening === null ? null : ['typed' => $opening],
                    'seat.left.home.signs' => null,
                    'seat.left.home.12' => null,
                    'seat.left.home.3' => null,
                    'seat.left.home.6' => null,
                    'seat.left.home.9' => null,
                ]),
                tools: [],
            ),
            'seat.driver',
        )->verdicts[0]->level;
        self::assertSame([Level::Go, Level::Stop], [$sized('46.2', '37'), $sized('32', '24')], 'judged by its sizes');
        $inner = self::report(self::job(['seat.driver' => ['choice' => '8']]));
        self::assertSame('driver.turn', self::headlineKey($inner, 'seat.driver'));
        self::assertFalse($inner->maySign);
        self::assertTrue(
            self::report(self::job(['seat.driver' => ['choice' => '8'], 'word.seat.driver' => ['text' => 'Turns smooth']]))->maySign,
        );
    }

    /** Good work read with a caliper and felt with good hands is mostly go; bad work hardly ever. */
    public function test_simulated_good_work_is_go_and_bad_work_is_not(): void
    {
        $chance = new Randomizer(new Mt19937(20261125));
        $between = static fn (float $from, float $to): float => $from + (($to - $from) * $chance->getInt(0, 1_000_000)) / 1_000_000;
        $read = static fn (float $true, float $u): array => ['typed' => sprintf('%.2f', $true + $between(-$u, $u))];
        $counts = ['good' => 0, 'bad' => 0];
        $jobs = 60;
        for ($i = 0; $i < $jobs; $i++) {
            $width = $between(13.9, 14.0);
            $fit = $between(0.01, 0.026);
            $bores = [];
            $systematic = $between(-0.02, 0.02);
            foreach (['left', 'right'] as $side) {
                foreach (['lip', 'bottom'] as $depth) {
                    foreach ([12, 2, 4] as $hour) {
                        $bores["bore.$side.$depth.$hour"] = [
                            'typed' => sprintf('%.2f', 46.9945 - $fit + $systematic + $between(-0.008, 0.008)),
                        ];
                    }
                }
            }
            $home = [];
            foreach ([12, 3, 6, 9] as $hour) {
                $home["seat.left.home.$hour"] = $read(23.2 - $width, 0.04);
                $home["seat.right.home.$hour"] = $read(104 - 23.2 - 57.6 - $width, 0.04);
                $home["seat.left.start.$hour"] = $read(2.0, 0.03);
                $home["seat.right.start.$hour"] = $read(2.0, 0.03);
            }
            $good = [...$bores, ...$home, 'source.left.width' => null, 'source.right.width' => null];
            $counts['good'] += self::allGo(self::report(self::job($good)));

            $kind = $i % 4;
            $bad = match ($kind) {
                0 => ['seat.left.home.signs' => null] +
                    array_combine(
                        array_map(static fn (int $h): string => "seat.left.home.$h", [12, 3, 6, 9]),
                        array_map(static fn (): array => $read(23.2 - $width - 0.6, 0.04), [0, 0, 0, 0]),
                    ),
                1 => ['fit.left.feel' => ['choice' => 'drops_in']] +
                    array_map(static fn (array $b): array => ['typed' => sprintf('%.2f', (float) $b['typed'] + 0.06)], $bores),
                2 => array_combine(
                    array_map(static fn (int $h): string => "seat.right.home.$h", [12, 3, 6, 9]),
                    array_map(static fn (): array => $read(9.2 + 0.5, 0.04), [0, 0, 0, 0]),
                ) + ['seat.pair_feel' => null],
                default => ['seat.pair_feel' => ['choices' => ['binds']]],
            };
            $counts['bad'] += self::allGo(self::report(self::job([...$good, ...$bad])));
        }
        self::assertGreaterThanOrEqual(0.9 * $jobs, $counts['good'], "good work: {$counts['good']} of $jobs go");
        self::assertLessThanOrEqual(0.02 * $jobs, $counts['bad'], "bad work: {$counts['bad']} of $jobs go");
    }

    private static function allGo(JobReport $report): int
    {
        foreach ($report->stations as $station) {
            if ($station->status !== Status::Settled && $station->station->value !== 'prove') {
                return 0;
            }
        }

        return $report->maySign ? 1 : 0;
    }
}
