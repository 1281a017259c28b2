<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Hub\Drawing;

use CleanRace\Core\Hub\Drawing\Hatch;
use CleanRace\Core\Hub\Drawing\Outline;
use CleanRace\Core\Hub\Drawing\PartDrawer;
use CleanRace\Core\Hub\Drawing\Piece;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Hub\Tray;
use CleanRace\Core\Hub\UsualPart;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Hub;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\SectionMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Parts as they are drawn: true to their sizes, the right way round, each with what tells it apart. */
final class DrawingTest extends TestCase
{
    /**
     * @param  list<array<string, mixed>>  $edits
     * @return array<string, Piece>
     */
    private static function pieces(string $pattern, array $edits = []): array
    {
        $notebook = new Notebook(
            $edits === [] ? [] : ['hub.edits' => ['value' => ['edits' => $edits, 'undone' => 0], 'instrument' => null]],
        );
        $hub = Hub::of(HubPatterns::find($pattern), $notebook);
        $pieces = (new SectionMaker($hub, Tray::of($hub->stack, $notebook), $notebook))->section()->pieces;

        return array_combine(array_map(static fn (Piece $p): string => $p->part, $pieces), $pieces);
    }

    /**
     * @param  list<Outline>  $outlines
     * @return list<array{float, float}>
     */
    private static function corners(array $outlines, Hatch ...$hatches): array
    {
        $kept = array_filter($outlines, static fn (Outline $o): bool => $hatches === [] || in_array($o->hatch, $hatches, true));

        return array_merge(...array_map(static fn (Outline $o): array => $o->corners(), array_values($kept)));
    }

    /** @return iterable<string, array{PartKind}> */
    public static function kinds(): iterable
    {
        foreach (PartKind::cases() as $kind) {
            if (! in_array($kind, [PartKind::Axle, PartKind::Housing, PartKind::Cup, PartKind::Cone], true)) {
                yield $kind->value => [$kind];
            }
        }
    }

    #[DataProvider('kinds')]
    public function test_every_kind_is_drawn_within_its_own_sizes(PartKind $kind): void
    {
        $part = UsualPart::besides(Stack::of(), $kind, null);
        $corners = self::corners(PartDrawer::draw($part));
        self::assertNotSame([], $corners);
        $stands = in_array($kind, [PartKind::HubFlange, PartKind::Nipple], true);
        foreach ($corners as [$along, $radius]) {
            if (! $stands) {
                self::assertThat(
                    $along,
                    self::logicalAnd(self::greaterThanOrEqual(-0.001), self::lessThanOrEqual($part->along() + 0.001)),
                    $kind->value,
                );
                self::assertLessThanOrEqual(
                    max(
                        $part->mm('outside'),
                        $part->mm('flange_outside'),
                        $part->mm('circle') + $part->mm('ball'),
                        $part->mm('bore') + 2 * $part->mm('section'),
                    ) /
                        2 +
                        2.6,
                    $radius,
                    $kind->value,
                );
            }
        }
    }

    public function test_a_seal_shows_which_way_its_lip_looks(): void
    {
        $seal = UsualPart::besides(Stack::of(), PartKind::Seal, null);
        $spring = static fn (Part $p): float => array_values(
            array_filter(PartDrawer::draw($p), static fn (Outline $o): bool => $o->round !== null),
        )[0]->points[0];
        self::assertGreaterThan($seal->along() / 2, $spring($seal), 'the spring looks in');
        self::assertLessThan($seal->along() / 2, $spring($seal->flipped()), 'turned round, it looks out');
        self::assertSame($spring($seal), $spring($seal->flipped()->flipped()));
    }

    public function test_seals_of_both_sides_look_inward(): void
    {
        $pieces = self::pieces('pair-sleeve');
        $spring = static fn (Piece $p): float => array_values(
            array_filter($p->outlines, static fn (Outline $o): bool => $o->round !== null),
        )[0]->points[0] -
            ($p->from->mm + $p->to->mm) / 2;
        self::assertGreaterThan(0, $spring($pieces['seal_left']));
        self::assertLessThan(0, $spring($pieces['seal_right']));
        self::assertLessThan(0, $spring(self::pieces('pair-sleeve', [['do' => 'flip', 'part' => 'seal_left']])['seal_left']));
    }

    public function test_a_flange_is_on_the_outer_face_of_both_bearings(): void
    {
        $pieces = self::pieces('flanged-wheel');
        foreach (['flanged_bearing_left' => 'from', 'flanged_bearing_right' => 'to'] as $id => $face) {
            $wide = array_filter(self::corners($pieces[$id]->outlines, Hatch::Ring), static fn (array $c): bool => $c[1] > 18.0);
            self::assertNotSame([], $wide);
            foreach ($wide as [$along]) {
                self::assertEqualsWithDelta($pieces[$id]->{$face}->mm, $along, 1.7, $id);
            }
        }
    }

    public function test_a_double_row_has_two_balls_and_a_single_one(): void
    {
        $balls = static fn (PartKind $kind): int => count(
            array_filter(
                PartDrawer::draw(UsualPart::besides(Stack::of(), $kind, null)),
                static fn (Outline $o): bool => $o->hatch === Hatch::Ball,
            ),
        );
        self::assertSame(
            [1, 2, 1, 1],
            [
                $balls(PartKind::Bearing),
                $balls(PartKind::DoubleRow),
                $balls(PartKind::AngularBearing),
                $balls(PartKind::FlangedBearing),
            ],
        );
    }

    public function test_an_angular_contact_ring_has_one_shoulder_ground_down(): void
    {
        $lowest = static function (PartKind $kind): array {
            $ring = PartDrawer::draw(Part::of($kind, Side::Left, 'x', ['bore' => 20, 'outside' => 47, 'width' => 14]))[0]->corners();
            $lands = static fn (float $from, float $to): float => min(
                array_map(
                    static fn (array $c): float => $c[1],
                    array_filter($ring, static fn (array $c): bool => $c[0] >= $from && $c[0] <= $to),
                ) ?: [99.0],
            );

            return [$lands(1.2, 3.0), $lands(11.0, 12.8)];
        };
        [$left, $right] = $lowest(PartKind::Bearing);
        self::assertEqualsWithDelta($left, $right, 1e-6);
        [$left, $right] = $lowest(PartKind::AngularBearing);
        self::assertGreaterThan($left, $right, 'the far shoulder is lower, so further from the axis');
    }

    public function test_grooves_grow_with_the_bore_as_the_standard_does(): void
    {
        // DIN 472 groove depths, half of d2 - d1: 26 → 0.6, 35 → 1.0, 47 → 1.25, 62 → 1.5 mm.
        foreach ([26 => 0.6, 35 => 1.0, 47 => 1.25, 62 => 1.5] as $bore => $depth) {
            self::assertEqualsWithDelta($depth, PartDrawer::groove((float) $bore), 0.2, (string) $bore);
        }
        $before = 0.0;
        for ($bore = 10; $bore <= 120; $bore += 5) {
            self::assertGreaterThanOrEqual($before, PartDrawer::groove((float) $bore));
            $before = PartDrawer::groove((float) $bore);
        }
    }

    public function test_the_housing_has_a_groove_for_its_ring_and_a_ledge_for_its_bearing(): void
    {
        $housing = self::pieces('pair-sleeve')['housing'];
        $bore = static fn (float $along): float => min(
            array_map(
                static fn (array $c): float => $c[1],
                array_filter(self::corners($housing->outlines), static fn (array $c): bool => abs($c[0] - $along) < 0.3),
            ) ?: [0.0],
        );
        $corners = self::corners($housing->outlines);
        $at = static fn (float $from, float $to): array => array_column(
            array_filter($corners, static fn (array $c): bool => $c[0] >= $from && $c[0] <= $to && $c[1] < 30),
            1,
        );
        self::assertEqualsWithDelta(
            23.5 + PartDrawer::groove(47),
            max([0.0, ...$at(7.2, 9.2)]),
            0.01,
            'the groove is cut for the ring',
        );
        self::assertLessThan(23.5, min([99.0, ...$at(23.0, 23.4)]), 'the shoulder stands in');
        self::assertGreaterThan(0, $bore(23.2));
        $without = self::pieces('pair-sleeve', [['do' => 'remove', 'part' => 'snap_ring_left']])['housing'];
        self::assertEqualsWithDelta(
            23.5,
            max(
                array_column(
                    array_filter(
                        self::corners($without->outlines),
                        static fn (array $c): bool => $c[0] >= 7.2 && $c[0] <= 9.1 && $c[1] < 30,
                    ),
                    1,
                ) ?: [23.5],
            ),
            0.01,
            'no ring, no groove',
        );
    }

    public function test_the_axle_shows_its_shoulder_its_ends_and_its_threads(): void
    {
        $axle = self::pieces('pair-axle-shoulder')['axle'];
        $radii = array_unique(array_map(static fn (array $c): float => round($c[1], 2), self::corners($axle->outlines, Hatch::Shaft)));
        self::assertContains(9.25, $radii, 'the shoulder');
        self::assertContains(7.5, $radii, 'where the bearings sit');
        self::assertContains(6.0, $radii, 'turned down for the end caps');
        self::assertCount(
            2,
            array_filter(self::pieces('pair-sleeve')['axle']->outlines, static fn (Outline $o): bool => $o->hatch === Hatch::Line),
            'a thread at each end',
        );
        self::assertCount(
            1,
            array_filter(self::pieces('knuckle-wide')['axle']->outlines, static fn (Outline $o): bool => $o->hatch === Hatch::Line),
            'and only at the nut of a shaft',
        );
    }

    public function test_a_nipple_stands_on_the_wall_of_its_housing(): void
    {
        foreach (['live-carrier' => 48.0, 'flanged-wheel' => 29.0] as $pattern => $wall) {
            $nipple = self::pieces($pattern)['nipple'];
            self::assertGreaterThan($wall, $nipple->outer->mm);
            self::assertLessThan($wall, $nipple->inner->mm, 'its thread goes into the wall');
        }
    }

    public function test_a_castle_nut_shows_its_pin(): void
    {
        $nut = self::pieces('taper-pair')['castle_nut_left'];
        self::assertCount(1, array_filter($nut->outlines, static fn (Outline $o): bool => $o->round !== null));
        self::assertCount(1, array_filter($nut->outlines, static fn (Outline $o): bool => $o->hatch === Hatch::Void));
        $pin = array_values(array_filter($nut->outlines, static fn (Outline $o): bool => $o->round !== null))[0];
        self::assertLessThan(($nut->from->mm + $nut->to->mm) / 2, $pin->points[0], 'in its slots, which look out');
    }

    public function test_tapers_open_outward(): void
    {
        $pieces = self::pieces('taper-pair');
        foreach (['left' => -1, 'right' => 1] as $side => $out) {
            $cup = $pieces["taper_cup_$side"];
            $inside = static fn (float $at): float => min(
                array_map(
                    static fn (array $c): float => $c[1],
                    array_filter(self::corners($cup->outlines), static fn (array $c): bool => abs($c[0] - $at) < 0.1),
                ) ?: [0.0],
            );
            [$outer, $inner] = $out < 0 ? [$cup->from->mm, $cup->to->mm] : [$cup->to->mm, $cup->from->mm];
            self::assertGreaterThan($inside($inner) + 1, $inside($outer), "$side: wider towards the outside");
        }
    }
}
