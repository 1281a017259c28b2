<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub\Drawing;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;

/**
 * Draws one part in half-section, in its own frame: along from its outer face inward, and out from the axis. Balls, grooves and
 * lands follow from the part's own sizes.
 */
final class PartDrawer
{
    /** @return list<Outline> along 0 is the face that looks out of the hub */
    public static function draw(Part $part): array
    {
        return match ($part->kind) {
            PartKind::Bearing, PartKind::DoubleRow, PartKind::FlangedBearing, PartKind::AngularBearing => BearingDrawer::draw($part),
            PartKind::TaperCone => BearingDrawer::taperCone($part),
            PartKind::TaperCup => BearingDrawer::taperCup($part),
            PartKind::Bush => self::bush($part),
            PartKind::Balls => [Outline::circle(Hatch::Ball, $part->mm('ball') / 2, $part->mm('circle') / 2, $part->mm('ball') / 2)],
            PartKind::Seal => self::seal($part),
            PartKind::Felt => [self::block($part, Hatch::Felt)],
            PartKind::DustCap => self::cap($part),
            PartKind::RingNut => [
                self::block($part, Hatch::Steel),
                ...self::threads(0.0, $part->along(), $part->mm('outside') / 2 - 0.6),
            ],
            PartKind::SnapRing => self::snapRing($part),
            PartKind::Clip => [
                Outline::of(Hatch::Steel, [
                    [0, $part->mm('bore') / 2 - self::groove($part->mm('bore'))],
                    [0, $part->mm('outside') / 2],
                    [$part->along(), $part->mm('outside') / 2],
                    [$part->along(), $part->mm('bore') / 2 - self::groove($part->mm('bore'))],
                ]),
            ],
            PartKind::CastleNut => self::castleNut($part),
            PartKind::LockNut => self::nut($part),
            PartKind::HubFlange => self::flange($part),
            PartKind::EndCap => self::endCap($part),
            PartKind::Freehub => self::freehub($part),
            PartKind::ORing => [
                Outline::circle(
                    Hatch::Rubber,
                    $part->mm('section') / 2,
                    $part->mm('bore') / 2 + $part->mm('section') / 2,
                    $part->mm('section') / 2,
                ),
            ],
            PartKind::Nipple => self::nipple($part),
            default => [self::block($part, $part->kind === PartKind::Washer ? Hatch::Ring : Hatch::Steel)],
        };
    }

    /** Depth of a snap-ring groove for a bore or shaft, in mm: about what DIN 471 and 472 give. */
    public static function groove(float $diameter): float
    {
        return min(2.5, max(0.4, 0.027 * $diameter));
    }

    private static function block(Part $part, Hatch $hatch): Outline
    {
        [$w, $r, $o] = [$part->along(), $part->mm('bore') / 2, $part->mm('outside') / 2];
        $c = min(0.6, $w / 4, max(0.0, $o - $r) / 4);

        return Outline::of($hatch, [[0, $r], [0, $o - $c], [$c, $o], [$w - $c, $o], [$w, $o - $c], [$w, $r]]);
    }

    /** @return list<Outline> */
    private static function bush(Part $part): array
    {
        [$w, $r, $o, $f, $fw] = [
            $part->along(),
            $part->mm('bore') / 2,
            $part->mm('outside') / 2,
            $part->mm('flange_outside') / 2,
            $part->mm('flange_width'),
        ];

        return [
            Outline::of(
                Hatch::Bronze,
                $f > $o ? [[0, $r], [0, $f], [$fw, $f], [$fw, $o], [$w, $o], [$w, $r]] : [[0, $r], [0, $o], [$w, $o], [$w, $r]],
            ),
        ];
    }

    /** @return list<Outline> an L of steel, a lip that leans, a spring over it */
    private static function seal(Part $part): array
    {
        [$w, $r, $o] = [$part->along(), $part->mm('bore') / 2, $part->mm('outside') / 2];
        $h = max(0.5, $o - $r);
        $t = max(0.5, min(0.18 * $w, 1.4));
        $case = [[0, $o], [$w, $o], [$w, $o - $t], [$t, $o - $t], [$t, $r + 0.42 * $h], [0, $r + 0.42 * $h]];
        $lip = [
            [0, $r + 0.46 * $h],
            [$t, $r + 0.46 * $h],
            [0.5 * $w, $r + 0.3 * $h],
            [0.86 * $w, $r + 0.3 * $h],
            [0.86 * $w, $r + 0.12 * $h],
            [0.64 * $w, $r],
            [0.5 * $w, $r + 0.1 * $h],
            [0.2 * $w, $r + 0.26 * $h],
            [0, $r + 0.3 * $h],
        ];
        $out = str_contains($part->way, 'spring out');
        $turn = static fn (array $points): array => $out
            ? array_map(static fn (array $p): array => [$w - $p[0], $p[1]], array_values($points))
            : array_values($points);

        return [
            Outline::of(Hatch::Steel, $turn($case)),
            Outline::of(Hatch::Rubber, $turn($lip)),
            Outline::circle(Hatch::Ball, $out ? 0.28 * $w : 0.72 * $w, $r + 0.36 * $h, min(0.09 * $w, 0.07 * $h)),
        ];
    }

    /** @return list<Outline> */
    private static function cap(Part $part): array
    {
        [$w, $r, $o] = [$part->along(), $part->mm('bore') / 2, $part->mm('outside') / 2];
        $t = max(0.5, min(1.2, 0.3 * $w));

        return [
            Outline::of(Hatch::Steel, [
                [0, $r],
                [0, $o - $t],
                [$t, $o],
                [$w, $o],
                [$w, $o - $t],
                [$t * 1.4, $o - $t],
                [$t, $o - 1.4 * $t],
                [$t, $r],
            ]),
        ];
    }

    /** @return list<Outline> */
    private static function snapRing(Part $part): array
    {
        [$w, $o] = [$part->along(), $part->mm('outside') / 2];
        $reach = max(1.6, 0.065 * $part->mm('outside'));

        return [
            Outline::of(Hatch::Steel, [
                [0, $o - $reach],
                [0, $o + self::groove(2 * $o)],
                [$w, $o + self::groove(2 * $o)],
                [$w, $o - $reach],
            ]),
        ];
    }

    /** @return list<Outline> */
    private static function nut(Part $part): array
    {
        [$w, $r, $o] = [$part->along(), $part->mm('bore') / 2, $part->mm('outside') / 2];
        $c = min(1.2, 0.2 * $w);

        return [Outline::of(Hatch::Steel, [[0, $r], [0, $o - $c], [$c, $o], [$w, $o], [$w, $r]]), ...self::threads(0.0, $w, $r)];
    }

    /** @return list<Outline> slots at the outer end, the pin through them */
    private static function castleNut(Part $part): array
    {
        [$w, $r, $o] = [$part->along(), $part->mm('bore') / 2, $part->mm('outside') / 2];
        $s = 0.38 * $w;
        $crown = $o - 0.12 * ($o - $r);

        return [
            Outline::of(Hatch::Steel, [[0, $r], [0, $crown], [$s, $crown], [$s + 0.8, $o], [$w, $o], [$w, $r]]),
            Outline::of(Hatch::Void, [[0, $r], [0, $crown], [0.8 * $s, $crown], [0.8 * $s, $r]]),
            Outline::circle(Hatch::Ball, 0.4 * $s, $crown + 0.4, 0.28 * $s),
            Outline::of(Hatch::Line, [[0.4 * $s, $r - 0.6 * $r], [0.4 * $s, $crown + 1.2]]),
        ];
    }

    /** @return list<Outline> a boss and, at its outer end, the plate that carries the wheel */
    private static function flange(Part $part): array
    {
        [$w, $r, $o] = [$part->along(), $part->mm('bore') / 2, $part->mm('outside') / 2];
        $boss = min($o, max(1.35 * $r, 0.42 * $o));
        $plate = min(9.0, 0.3 * $w);
        $stud = 0.82 * $o;

        return [
            Outline::of(Hatch::Steel, [
                [0, $r],
                [0, $o],
                [$plate, $o],
                [$plate, $boss + 2],
                [$plate + 2, $boss],
                [$w, $boss],
                [$w, $r],
            ]),
            Outline::of(Hatch::Shaft, [[-9, $stud - 2.5], [-9, $stud + 2.5], [$plate + 2, $stud + 2.5], [$plate + 2, $stud - 2.5]]),
        ];
    }

    /** @return list<Outline> wide outside, a nose that goes over the axle */
    private static function endCap(Part $part): array
    {
        [$w, $r, $o] = [$part->along(), $part->mm('bore') / 2, $part->mm('outside') / 2];
        $n = $o - 0.22 * ($o - $r);

        return [Outline::of(Hatch::Shaft, [[0, $r], [0, $n], [0.35 * $w, $n], [0.45 * $w, $o], [$w, $o], [$w, $r]])];
    }

    /** @return list<Outline> */
    private static function freehub(Part $part): array
    {
        [$w, $r, $o] = [$part->along(), $part->mm('bore') / 2 + 2.5, $part->mm('outside') / 2];
        $outline = [
            Outline::of(Hatch::Alloy, [
                [0, $r + 2],
                [0, $o - 1],
                [1, $o],
                [0.86 * $w, $o],
                [0.86 * $w, $o - 2.5],
                [$w, $o - 2.5],
                [$w, $r],
            ]),
        ];
        foreach ([0.25, 0.5, 0.75] as $share) {
            $outline[] = Outline::of(Hatch::Line, [[1, $r + $share * ($o - $r)], [0.84 * $w, $r + $share * ($o - $r)]]);
        }

        return [
            ...$outline,
            Outline::of(Hatch::Steel, [[0.88 * $w, $o - 2.5], [0.88 * $w, $o + 0.8], [0.96 * $w, $o - 0.5], [0.96 * $w, $o - 2.5]]),
        ];
    }

    /** @return list<Outline> drawn standing on the radius zero: the section puts it on the housing */
    private static function nipple(Part $part): array
    {
        [$w, $h] = [$part->along() / 2, $part->mm('length')];
        $m = $w / 2;

        return [
            Outline::of(Hatch::Steel, [
                [$m - 0.3 * $w, -3],
                [$m - 0.3 * $w, 0],
                [$m - 0.5 * $w, 0],
                [$m - 0.5 * $w, 0.35 * $h],
                [$m - 0.22 * $w, 0.45 * $h],
                [$m - 0.22 * $w, 0.7 * $h],
                [$m - 0.3 * $w, 0.8 * $h],
                [$m - 0.15 * $w, $h],
                [$m + 0.15 * $w, $h],
                [$m + 0.3 * $w, 0.8 * $h],
                [$m + 0.22 * $w, 0.7 * $h],
                [$m + 0.22 * $w, 0.45 * $h],
                [$m + 0.5 * $w, 0.35 * $h],
                [$m + 0.5 * $w, 0],
                [$m + 0.3 * $w, 0],
                [$m + 0.3 * $w, -3],
            ]),
        ];
    }

    /** @return list<Outline> the root of a thread, as a line beside its crest */
    public static function threads(float $from, float $to, float $radius): array
    {
        return [Outline::of(Hatch::Line, [[$from, $radius + 0.5], [$to, $radius + 0.5]])];
    }
}
