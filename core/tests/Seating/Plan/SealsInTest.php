<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Seating\Plan;

use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tests\English;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** When seals go in, and what is met again where it was. */
final class SealsInTest extends TestCase
{
    use AssembledHub;

    /** @return array<string, array<string, mixed>> every part in, as a mechanic says it step by step */
    private static function allIn(JobReport $report): array
    {
        $in = [];
        foreach (self::steps($report) as $step) {
            foreach ($step->asks as $ask) {
                if ($ask->kind === AskKind::Part) {
                    $in[$ask->place] = ['state' => 'fitted'];
                }
            }
        }

        return $in;
    }

    public function test_seals_go_in_by_the_shops_way(): void
    {
        $order = static fn (array $habits): array => array_values(
            array_filter(
                array_map(static fn (Step $s): string => $s->id, self::steps(self::report('pair-sleeve', [], $habits))),
                static fn (string $id): bool => preg_match('/seals|seal_|right.start|ring$/', $id) === 1,
            ),
        );
        self::assertSame(['seat.ring', 'seat.right.start', 'seat.seals'], $order([]));
        self::assertSame(['seat.ring', 'seat.seals', 'seat.right.start', 'seat.seal_right'], $order(['seals' => 'after_own']));
        $both = self::step(self::report('pair-sleeve', ['part.seal_left' => ['state' => 'fitted']]), 'seat.seals');
        self::assertContains('seat.turn', self::keys($both), 'a seal before the far bearing is hit');
        $own = self::step(
            self::report(
                'pair-sleeve',
                [
                    'part.bearing_left' => ['state' => 'fitted'],
                    'part.snap_ring_left' => ['state' => 'fitted'],
                    'part.seal_left' => ['state' => 'fitted'],
                ],
                ['seals' => 'after_own'],
            ),
            'seat.seals',
        );
        self::assertNotContains('seat.turn', self::keys($own));
    }

    public function test_a_step_says_after_which_bearing_its_seal_goes_in(): void
    {
        $says = static fn (array $habits): string => English::of(
            self::step(self::report('pair-sleeve', [], $habits), 'seat.seals')->detail,
        );
        $own = 'After its own bearing. From now on the hub must not stand on it.';
        self::assertStringContainsString($own, $says(['seals' => 'after_own']));
        self::assertStringNotContainsString('After its own bearing', $says([]));
        self::assertStringContainsString('After both bearings', $says([]));
    }

    public function test_a_job_may_go_another_way_than_the_shop_with_a_word_on_why(): void
    {
        $way = static fn (array $entries, array $habits = []): array => array_column(
            self::step(self::report('pair-sleeve', $entries, $habits), 'seat.way')->asks,
            'place',
        );
        $own = ['seat.seals_in' => ['choice' => 'after_own']];
        $ids = static fn (array $entries, array $habits = []): array => array_map(
            static fn (Step $s): string => $s->id,
            self::steps(self::report('pair-sleeve', $entries, $habits)),
        );
        self::assertSame($ids([], ['seals' => 'after_own']), $ids($own));
        self::assertSame($ids([]), $ids(['seat.seals_in' => ['choice' => 'after_both']], ['seals' => 'after_own']), 'and back again');
        self::assertContains('seat.seals_in', $way([]));
        self::assertNotContains('seat.way_why', $way([]));
        self::assertNotContains('seat.way_why', $way($own, ['seals' => 'after_own']), 'it is the shop\'s way');
        self::assertContains('seat.way_why', $way($own));
        self::assertContains('seat.way_why', $way(['size.way' => ['choice' => 'hammer']]));
        self::assertNotContains('seat.way_why', $way(['size.way' => ['choice' => 'draw_bolt']]));
        $flanged = array_column(self::step(self::report('flanged-wheel', []), 'seat.way')->asks, 'place');
        self::assertNotContains('seat.seals_in', $flanged, 'no seals, no question');
    }

    /** @return iterable<string, array{array<string, mixed>, string, ?string}> entries beside a seal that is in, step, key */
    public static function sealsIn(): iterable
    {
        $deep = static fn (float $now, float $before): array => [
            'seat.seal_left.depth' => ['mm' => $now],
            'check.seal_left' => ['mm' => $before],
        ];
        yield 'as deep as before' => [$deep(0.4, 0.3), 'seal.same', 'go'];
        yield 'deeper' => [$deep(1.2, 0.3), 'seal.deeper', 'care'];
        yield 'less deep' => [$deep(0.0, 0.8), 'seal.proud', 'care'];
        yield 'nothing measured before' => [['seat.seal_left.depth' => ['mm' => 1]], 'seal.', null];
        yield 'backward' => [
            ['part.seal_left' => ['state' => 'fitted', 'way_round' => 'lip and spring out']],
            'seat.way_round',
            'care',
        ];
        yield 'the usual way' => [
            ['part.seal_left' => ['state' => 'fitted', 'way_round' => 'lip and spring in']],
            'seat.way_round',
            null,
        ];
    }

    /** @param  array<string, mixed>  $entries */
    #[DataProvider('sealsIn')]
    public function test_a_seal_is_met_again_where_it_was(array $entries, string $key, ?string $level): void
    {
        $step = self::step(self::report('pair-sleeve', $entries + self::allIn(self::report('pair-sleeve'))), 'seat.seals');
        $said = array_values(array_filter($step->verdicts, static fn ($v): bool => str_starts_with($v->headline->key, $key)));
        self::assertSame($level, ($said[0] ?? null)?->level->value);
    }
}
