<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Hub;

use CleanRace\Core\Hub\Layout;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Reach;
use CleanRace\Core\Hub\Row;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Hub\UsualPart;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\HubPatterns;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where parts lie along the axle, and what stands in whose way. Figures in mm from the left face. */
final class LayoutTest extends TestCase
{
    private static function usual(string $pattern): Stack
    {
        return HubPatterns::find($pattern)->stack(new Notebook([]));
    }

    /** @return iterable<string, array{string, string, float, float}> pattern, part, from, to: reckoned by hand from the pattern's sizes */
    public static function places(): iterable
    {
        yield 'first bearing on its shoulder: 23.2 deep, 14 wide' => ['pair-sleeve', 'bearing_left', 9.2, 23.2];
        yield 'spacer tube against it' => ['pair-sleeve', 'sleeve', 23.2, 80.8];
        yield 'second bearing against the spacer tube' => ['pair-sleeve', 'bearing_right', 80.8, 94.8];
        yield 'seal just inside the left face' => ['pair-sleeve', 'seal_left', 0.2, 6.8];
        yield 'and the right' => ['pair-sleeve', 'seal_right', 97.2, 103.8];
        yield 'ring a tenth clear of the bearing' => ['pair-sleeve', 'snap_ring_left', 7.35, 9.1];
        yield 'spacer against the inner ring, out through the seal' => ['pair-sleeve', 'spacer_left', -13.0, 9.2];
        yield 'axle centred on what it carries' => ['pair-sleeve', 'axle', -28.0, 132.0];
        yield 'shoulder of the axle sets the pair apart' => ['pair-axle-shoulder', 'bearing_right', 65.5, 72.5];
        yield 'freehub outside it' => ['pair-axle-shoulder', 'freehub_right', 72.5, 108.5];
        yield 'single bearing on its shoulder: 21 deep, 14 wide' => ['single-ring', 'bearing', 7.0, 21.0];
        yield 'washer outside' => ['single-ring', 'washer_left', 4.0, 7.0];
        yield 'wide bearing against the outer shoulder, 46 from the inner face' => ['knuckle-wide', 'bearing', 10.0, 47.0];
        yield 'inner seal at the inner face' => ['knuckle-wide', 'seal_right', 49.8, 55.8];
        yield 'shaft bearing, 30 from the wheel side' => ['shaft-bearing', 'bearing', 10.0, 26.0];
        yield 'collar against it' => ['shaft-bearing', 'collar_right', 26.0, 38.0];
        yield 'taper cup on its shoulder' => ['taper-pair', 'taper_cup_left', 13.935, 26.0];
        yield 'its cone stands proud of it by the stand' => ['taper-pair', 'taper_cone_left', 10.506, 27.143];
        yield 'and the other way round on the right' => ['taper-pair', 'taper_cone_right', 56.857, 73.494];
    }

    #[DataProvider('places')]
    public function test_parts_lie_where_their_sizes_put_them(string $pattern, string $part, float $from, float $to): void
    {
        $at = Layout::of(self::usual($pattern))->at;
        self::assertEqualsWithDelta([$from, $to], $at[$part], 0.002);
    }

    public function test_loose_balls_lie_between_their_cup_and_cone(): void
    {
        $layout = Layout::of(self::usual('cup-cone'));
        foreach (['left' => -1, 'right' => 1] as $side => $out) {
            [$balls, $cup, $cone] = [$layout->at["balls_$side"], $layout->at["cup_$side"], $layout->at["cone_$side"]];
            $middle = array_sum($balls) / 2;
            self::assertGreaterThan($cup[0], $middle);
            self::assertLessThan($cup[1], $middle);
            self::assertGreaterThan(0, $out * (array_sum($cone) / 2 - $middle), 'the cone comes from outside');
            self::assertGreaterThan(0, -$out * (array_sum($cup) / 2 - $middle), 'the cup stands inside');
        }
        self::assertEqualsWithDelta(68.0, $layout->at['cup_left'][0] + $layout->at['cup_right'][1], 0.01, 'both sides alike');
    }

    public function test_a_longer_sleeve_moves_what_is_beyond_it_and_nothing_before(): void
    {
        $stack = self::usual('pair-sleeve');
        $longer = $stack->with($stack->get('sleeve')->resized('length', Length::mm(60)));
        [$a, $b] = [Layout::of($stack)->at, Layout::of($longer)->at];
        foreach (['bearing_left', 'snap_ring_left', 'spacer_left', 'seal_left'] as $before) {
            self::assertSame($a[$before], $b[$before]);
        }
        foreach (['bearing_right', 'spacer_right'] as $beyond) {
            self::assertEqualsWithDelta($a[$beyond][0] + 2.4, $b[$beyond][0], 1e-9);
        }
        self::assertEqualsWithDelta($stack->length()->mm + 2.4, $longer->length()->mm, 1e-9);
    }

    public function test_rows_are_told_apart_where_they_meet(): void
    {
        $rows = static fn (string $pattern): array => array_map(
            static fn (Row $r): array => array_keys($r->pieces),
            Row::all(self::usual($pattern)->line()),
        );
        self::assertSame(
            [['cone_left', 'balls_left', 'cup_left', 'dust_cap_left'], ['cone_right', 'balls_right', 'cup_right', 'dust_cap_right']],
            $rows('cup-cone'),
        );
        self::assertSame([['taper_cone_left', 'taper_cup_left'], ['taper_cone_right', 'taper_cup_right']], $rows('taper-pair'));
        self::assertSame([['bearing']], $rows('knuckle-wide'));
    }

    public function test_a_stack_of_nothing_has_no_length(): void
    {
        $layout = Layout::of(Stack::of());
        self::assertSame([[], 0.0, 0.0], [$layout->at, $layout->axleFrom, $layout->axleTo]);
        $alone = Layout::of(
            Stack::of(Part::of(PartKind::Washer, Side::Left, 'Washer', ['bore' => 10, 'outside' => 20, 'length' => 2])),
        );
        self::assertEqualsWithDelta(2.0, $alone->axleTo - $alone->axleFrom, 1e-9);
    }

    public function test_a_part_that_is_added_has_every_size_and_fits_what_is_there(): void
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            $stack = $pattern->stack(new Notebook([]));
            foreach (PartKind::cases() as $kind) {
                $part = UsualPart::besides($stack, $kind, $stack->line()[0] ?? null);
                foreach ($kind->sizes() as $size) {
                    self::assertGreaterThan(0, $part->mm($size), "$id: {$kind->value} $size");
                }
                if ($part->mm('bore') > 0 && $part->mm('outside') > 0) {
                    self::assertGreaterThan($part->mm('bore'), $part->mm('outside'), "$id: {$kind->value}");
                }
            }
        }
    }

    /** @return iterable<string, array{string, string, list<string>, list<string>}> pattern, part, what is off, what stands in its way */
    public static function blocked(): iterable
    {
        yield 'a seal hides the ring, a ring the bearing' => [
            'pair-sleeve',
            'bearing_left',
            ['axle', 'spacer_left'],
            ['seal_left', 'snap_ring_left'],
        ];
        yield 'nothing in front of the outer seal' => ['pair-sleeve', 'seal_left', [], []];
        yield 'the axle holds the pair' => ['pair-sleeve', 'bearing_right', ['spacer_right', 'seal_right'], ['axle']];
        yield 'a spacer tube waits for the side with less before it' => [
            'pair-sleeve',
            'sleeve',
            ['axle', 'spacer_left', 'spacer_right', 'seal_left', 'seal_right', 'snap_ring_left', 'bearing_right'],
            [],
        ];
        yield 'a washer behind its nut' => ['knuckle-wide', 'washer_left', [], ['castle_nut_left']];
        yield 'a narrow spacer lets a seal by' => ['live-carrier', 'seal_left', ['lock_nut_left'], []];
        yield 'a wide nut does not' => ['live-carrier', 'seal_left', [], ['lock_nut_left']];
        yield 'a closed cap hides all behind it' => ['taper-pair', 'castle_nut_left', [], ['dust_cap_left']];
        yield 'balls come out past their dust cap' => [
            'cup-cone',
            'balls_left',
            ['lock_nut_left', 'washer_left', 'cone_left', 'axle'],
            [],
        ];
        yield 'the axle has nothing before it' => ['pair-sleeve', 'axle', [], []];
    }

    /**
     * @param  list<string>  $off
     * @param  list<string>  $blocking
     */
    #[DataProvider('blocked')]
    public function test_what_stands_in_the_way_is_named(string $pattern, string $part, array $off, array $blocking): void
    {
        $stack = self::usual($pattern);
        self::assertSame($blocking, array_map(static fn (Part $p): string => $p->id, Reach::before($stack, $stack->get($part), $off)));
    }

    public function test_taking_off_what_stands_in_the_way_always_clears_it(): void
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            $stack = $pattern->stack(new Notebook([]));
            foreach ($stack->line() as $part) {
                $blocking = array_map(static fn (Part $p): string => $p->id, Reach::before($stack, $part, []));
                self::assertNotContains($part->id, $blocking, $id);
                self::assertSame([], Reach::before($stack, $part, $blocking), "$id: {$part->name}");
            }
        }
    }
}
