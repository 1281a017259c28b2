<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub\Drawing;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;

/**
 * Draws rolling bearings, cups and cones in half-section from their boundary sizes. Shares of the section are those that
 * such bearings commonly have: a ball of about 0.6 of it, lands of about 0.3, tracks a little rounder than the ball.
 */
final class BearingDrawer
{
    private const BALL = 0.3;

    private const LAND = 0.31;

    private const RECESS = 0.2;

    private const TRACK = 1.04;

    private const STEPS = 8;

    /** @return list<Outline> */
    public static function draw(Part $part): array
    {
        [$w, $r, $o] = [$part->along(), $part->mm('bore') / 2, $part->mm('outside') / 2];
        $h = max(0.4, $o - $r);
        $two = $part->kind === PartKind::DoubleRow;
        $ball = min(self::BALL * $h, $two ? 0.21 * $w : 0.42 * $w);
        $middles = $two ? [0.27 * $w, 0.73 * $w] : [$w / 2];
        $pitch = $r + $h / 2;
        $seal = min(0.1 * $w, 1.4);
        $slack = $part->kind === PartKind::AngularBearing ? 0.5 : 1.0;
        $outer = self::ring($w, $o, -1, $h, $pitch, $ball, $middles, $seal, $slack);
        $fo = $part->mm('flange_outside') / 2;
        if ($fo > $o) {
            $outer = [
                [0.0, $o],
                [0.0, $fo],
                [$part->mm('flange_width'), $fo],
                [$part->mm('flange_width'), $o],
                ...array_slice($outer, 2),
            ];
        }
        $balls = array_map(static fn (float $m): Outline => Outline::circle(Hatch::Ball, $m, $pitch, $ball), $middles);
        $rec = self::RECESS * $h;
        $seals = array_map(
            static fn (float $at): Outline => Outline::of(Hatch::Rubber, [
                [$at, $r + $rec],
                [$at, $o - $rec],
                [$at + 0.7 * $seal, $o - $rec],
                [$at + 0.7 * $seal, $r + $rec],
            ]),
            [0.15 * $seal, $w - 0.85 * $seal],
        );

        return [
            Outline::of(Hatch::Ring, $outer),
            Outline::of(Hatch::Ring, self::ring($w, $r, 1, $h, $pitch, $ball, $middles, $seal, 1.0)),
            ...$balls,
            ...$seals,
        ];
    }

    /** @return list<Outline> inner ring with its raceway, and a roller on it; big end at the outer face */
    public static function taperCone(Part $part): array
    {
        [$w, $r, $o] = [$part->along(), $part->mm('bore') / 2, $part->mm('outside') / 2];
        $h = max(0.5, $o - $r);
        $race = static fn (float $share): float => $r + (0.52 - 0.24 * $share) * $h;
        $roller = 0.44 * $h;

        return [
            Outline::of(Hatch::Ring, [
                [0, $r],
                [0, $r + 0.72 * $h],
                [0.1 * $w, $r + 0.72 * $h],
                [0.12 * $w, $race(0.1)],
                [0.88 * $w, $race(0.88)],
                [0.9 * $w, $r + 0.42 * $h],
                [$w, $r + 0.4 * $h],
                [$w, $r],
            ]),
            Outline::of(Hatch::Ball, [
                [0.13 * $w, $race(0.13)],
                [0.17 * $w, $race(0.13) + $roller],
                [0.86 * $w, $race(0.86) + 0.72 * $roller],
                [0.86 * $w, $race(0.86)],
            ]),
        ];
    }

    /** @return list<Outline> outer ring; its wide end looks out */
    public static function taperCup(Part $part): array
    {
        [$w, $o] = [$part->along(), $part->mm('outside') / 2];

        return [
            Outline::of(Hatch::Ring, [
                [0, $o - 0.06 * $o],
                [0, $o - 0.6],
                [0.6, $o],
                [$w - 0.6, $o],
                [$w, $o - 0.6],
                [$w, $o - 0.24 * $o],
            ]),
        ];
    }

    /**
     * A pressed cup round its balls.
     *
     * @param  float  $middle of the balls, from the outer face of the cup
     * @return list<Outline>
     */
    public static function cup(Part $part, float $middle, float $pitch, float $ball): array
    {
        [$w, $o, $hole] = [$part->along(), $part->mm('outside') / 2, $part->mm('bore') / 2];
        $track = self::TRACK * $ball;
        $arc = array_map(
            static fn (int $i): array => [
                $middle + $track * cos(($i * M_PI) / 2 / self::STEPS),
                min($o - 0.5, $pitch + $track * sin(($i * M_PI) / 2 / self::STEPS)),
            ],
            range(0, self::STEPS),
        );

        return [
            Outline::of(Hatch::Ring, [
                [0, $o],
                [$w, $o],
                [$w, min($hole, $pitch)],
                [$middle + $track, min($hole, $pitch)],
                ...$arc,
                [0, min($o - 0.5, $pitch + $track)],
            ]),
        ];
    }

    /**
     * A threaded cone under its balls, its nose inward.
     *
     * @param  float  $middle of the balls, from the outer face of the cone
     * @return list<Outline>
     */
    public static function cone(Part $part, float $middle, float $pitch, float $ball): array
    {
        [$w, $r, $o] = [$part->along(), $part->mm('bore') / 2, $part->mm('outside') / 2];
        $track = self::TRACK * $ball;
        $shoulder = min($o, $pitch);
        // Where the track leaves the flats: the angle at which it is as high as they are.
        $from = M_PI + asin(max(0.0, min(1.0, ($pitch - $shoulder) / $track)));
        $arc = array_map(
            static fn (int $i): array => [
                $middle + $track * cos($from + ($i * (1.5 * M_PI - $from)) / self::STEPS),
                max($r + 0.4, $pitch + $track * sin($from + ($i * (1.5 * M_PI - $from)) / self::STEPS)),
            ],
            range(0, self::STEPS),
        );

        return [
            Outline::of(Hatch::Ring, [
                [0, $r],
                [0, $o],
                [max(0.0, $arc[0][0]), $o],
                ...$arc,
                [$w, max($r + 0.4, $pitch - $track)],
                [$w, $r],
            ]),
            ...PartDrawer::threads(0.0, $w, $r),
        ];
    }

    /**
     * One ring, from its cylindrical face to its lands, recesses and tracks.
     *
     * @param  float  $base radius of the face that is pressed or slid
     * @param  int  $way 1 for the inner ring, -1 for the outer
     * @param  list<float>  $middles of the balls
     * @param  float  $slack share of the land left on the far side: an angular-contact ring has one shoulder ground down
     * @return list<array{float, float}>
     */
    private static function ring(
        float $w,
        float $base,
        int $way,
        float $h,
        float $pitch,
        float $ball,
        array $middles,
        float $seal,
        float $slack,
    ): array {
        $c = min(1.0, 0.08 * $w, 0.08 * $h);
        $recess = $base + $way * self::RECESS * $h;
        $land = $base + $way * self::LAND * $h;
        $far = $base + $way * self::LAND * $slack * $h;
        $track = self::TRACK * $ball;
        $points = [
            [0.0, $base + $way * $c],
            [$c, $base],
            [$w - $c, $base],
            [$w, $base + $way * $c],
            [$w, $recess],
            [$w - $seal, $recess],
            [$w - $seal, $far],
        ];
        foreach (array_reverse($middles) as $k => $m) {
            $height = $k === 0 ? $far : $land;
            $half = sqrt(max(0.0, $track ** 2 - ($height - $pitch) ** 2));
            $end = sqrt(max(0.0, $track ** 2 - ($land - $pitch) ** 2));
            for ($i = 0; $i <= self::STEPS; $i++) {
                $x = $m + $half - ($i * ($half + $end)) / self::STEPS;
                $points[] = [$x, $pitch - $way * sqrt(max(0.0, $track ** 2 - ($x - $m) ** 2))];
            }
        }

        return [...$points, [$seal, $land], [$seal, $recess], [0.0, $recess]];
    }
}
