<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub\Drawing;

use CleanRace\Core\Hub\Lane;
use CleanRace\Core\Hub\Layout;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Stack;

/** Draws the housing round what sits in it: seats as deep as their parts, ledges where it has them, grooves for its rings. */
final class HousingDrawer
{
    private const LEDGE_HEIGHT = 3.2;

    /** How far a bore goes on past its bearing where there is no ledge, in mm. */
    private const RELIEF = 4.0;

    private const RING_PLAY = 0.1;

    /** @return list<Outline> */
    public static function draw(Part $housing, Stack $stack, Layout $layout): array
    {
        $length = $housing->mm('length');
        $seats = self::seats($stack, $layout, $length);
        $bore = self::bore($housing, $layout, $seats, $length);
        $widest = max([1.0, ...array_map(static fn (array $p): float => $p[1], $bore)]);
        $outer = self::outside($housing->form, $length, max($housing->mm('outside') / 2, $widest + 1.5), $widest);

        return [Outline::of(Hatch::Alloy, [...$outer, ...array_reverse($bore)]), ...self::details($housing, $outer)];
    }

    /**
     * Parts that sit in the housing, left to right.
     *
     * @return list<array{from: float, to: float, radius: float, row: bool, ring: bool}>
     */
    private static function seats(Stack $stack, Layout $layout, float $length): array
    {
        $seats = [];
        foreach ($stack->line() as $part) {
            $lane = $part->kind->lane();
            $held =
                $lane === Lane::Both ||
                ($lane === Lane::Housing && $part->kind !== PartKind::Nipple) ||
                in_array($part->kind, [PartKind::Cup, PartKind::TaperCup], true);
            if (! $held || ! isset($layout->at[$part->id])) {
                continue;
            }
            [$from, $to] = $layout->at[$part->id];
            $ring = $part->kind === PartKind::SnapRing;
            if ($to <= 0.05 || $from >= $length - 0.05) {
                continue;
            }
            $seats[] = [
                'from' => max(0.0, $from),
                'to' => min($length, $to),
                'radius' => ($stack->ringRound($part) ?? $part)->mm('outside') / 2 +
                    ($ring ? PartDrawer::groove($part->mm('outside')) : 0.0),
                'row' => $lane !== Lane::Housing,
                'ring' => $ring,
            ];
        }
        usort($seats, static fn (array $a, array $b): int => $a['from'] <=> $b['from']);

        return $seats;
    }

    /**
     * The inner profile, left to right.
     *
     * @param  list<array{from: float, to: float, radius: float, row: bool, ring: bool}>  $seats
     * @return list<array{float, float}>
     */
    private static function bore(Part $housing, Layout $layout, array $seats, float $length): array
    {
        $rows = array_values(array_filter($seats, static fn (array $s): bool => $s['row']));
        $axle = 6.0;
        if ($rows === []) {
            return [[0.0, $seats[0]['radius'] ?? $axle], [$length, $seats[0]['radius'] ?? $axle]];
        }
        $narrowest = min(array_map(static fn (array $s): float => $s['radius'], $rows));
        $ledge =
            $housing->mm('ledge_bore') > 0 ? $housing->mm('ledge_bore') / 2 : $narrowest - min(self::LEDGE_HEIGHT, 0.14 * $narrowest);
        $profile = self::levels($housing, $seats, $rows, $ledge, $length);
        $points = [];
        foreach ($profile as [$from, $to, $radius]) {
            $points[] = [$from, $radius];
            $points[] = [$to, $radius];
        }

        return $points;
    }

    /**
     * Stretches of one radius that cover the housing from face to face.
     *
     * @param  list<array{from: float, to: float, radius: float, row: bool, ring: bool}>  $seats
     * @param  non-empty-list<array{from: float, to: float, radius: float, row: bool, ring: bool}>  $rows
     * @return list<array{float, float, float}>
     */
    private static function levels(Part $housing, array $seats, array $rows, float $ledge, float $length): array
    {
        $first = $rows[0];
        $last = $rows[count($rows) - 1];
        $leftLedge = $housing->mm('ledge_left') > 0;
        $rightLedge = $housing->mm('ledge_right') > 0;
        $inner =
            count($rows) > 1
                ? [$first['to'] + ($leftLedge ? 0.0 : self::RELIEF), $last['from'] - ($rightLedge ? 0.0 : self::RELIEF)]
                : [0.0, 0.0];
        $levels = [];
        $at = 0.0;
        foreach ($seats as $i => $seat) {
            $before = $seats[$i - 1] ?? null;
            $gap = $seat['from'] - $at;
            if ($gap > 0.01) {
                $levels = [
                    ...$levels,
                    ...self::gap($at, $seat['from'], $before, $seat, $ledge, $inner, $first, $last, $leftLedge, $rightLedge),
                ];
            }
            $wide = $seat['ring'] ? self::RING_PLAY : 0.0;
            $levels[] = [max($at, $seat['from'] - $wide / 2), max($at, $seat['to'] + $wide / 2), $seat['radius']];
            $at = max($at, $seat['to'] + $wide / 2);
        }
        $end = $seats[count($seats) - 1];
        if ($length - $at > 0.01) {
            // Past the last: out to the face as wide as what went in, or closed by the ledge it stands on.
            $closed = $end['row'] && count($rows) === 1 && $leftLedge && ! $rightLedge;
            $levels[] = [$at, $length, $closed ? $ledge : ($end['ring'] ? $last['radius'] : $end['radius'])];
        }

        return $levels;
    }

    /**
     * @param  ?array{from: float, to: float, radius: float, row: bool, ring: bool}  $before
     * @param  array{from: float, to: float, radius: float, row: bool, ring: bool}  $after
     * @param  array{float, float}  $inner
     * @param  array{from: float, to: float, radius: float, row: bool, ring: bool}  $first
     * @param  array{from: float, to: float, radius: float, row: bool, ring: bool}  $last
     * @return list<array{float, float, float}>
     */
    private static function gap(
        float $from,
        float $to,
        ?array $before,
        array $after,
        float $ledge,
        array $inner,
        array $first,
        array $last,
        bool $leftLedge,
        bool $rightLedge,
    ): array {
        $single = $first === $last;
        $plain = static fn (array $seat): float => $seat['ring'] ? $first['radius'] : $seat['radius'];

        return match (true) {
            $before === null => [[$from, $to, $after['row'] && $single && $rightLedge && ! $leftLedge ? $ledge : $plain($after)]],
            // Between the rows: the ledges, and what is left of the bore before them.
            ! $single && $from >= $first['to'] - 0.01 && $to <= $last['from'] + 0.01 => array_values(
                array_filter(
                    [
                        [$from, max($from, min($inner[0], $to)), $first['radius']],
                        [max($from, $inner[0]), min($to, max($from, $inner[1])), $ledge],
                        [min($to, max($from, $inner[1])), $to, $last['radius']],
                    ],
                    static fn (array $l): bool => $l[1] - $l[0] > 0.01,
                ),
            ),
            $single && $after['row'] && $rightLedge && ! $leftLedge => [[$from, $to, $ledge]],
            $single && $before['row'] && $leftLedge && ! $rightLedge => [[$from, $to, $ledge]],
            // Towards a face, a part must pass through what lies outside it.
            default => [[$from, $to, $to <= $first['from'] + 0.01 ? min($plain($before), $plain($before)) : $plain($after)]],
        };
    }

    /**
     * The outer profile, left to right.
     *
     * @return list<array{float, float}>
     */
    private static function outside(string $form, float $length, float $outer, float $seat): array
    {
        $body = min($outer, $seat + max(3.0, 0.12 * $seat));
        /** @var list<array{float|int, float}> $shares */
        $shares = match ($form) {
            'waist' => [
                [0, $outer],
                [0.1, $outer],
                [0.2, max($outer - 2.6, $outer - 0.5 * ($outer - $seat))],
                [0.8, max($outer - 2.6, $outer - 0.5 * ($outer - $seat))],
                [0.9, $outer],
                [1, $outer],
            ],
            'flanges' => [
                [0, $body],
                [0.09, $body],
                [0.1, $outer],
                [0.145, $outer],
                [0.17, $body],
                [0.3, 0.86 * $body],
                [0.7, 0.86 * $body],
                [0.8, $body],
                [0.82, $outer],
                [0.865, $outer],
                [0.88, $body],
                [1, $body],
            ],
            'web' => [[0, $body], [0.36, $body], [0.41, $outer], [0.59, $outer], [0.64, $body], [1, $body]],
            'knuckle' => [[0, $body], [0.12, $body], [0.24, $outer], [0.62, $outer], [0.7, $body + 2], [1, $body + 2]],
            'carrier' => [[0, $body], [0.14, $body], [0.16, $outer], [0.84, $outer], [0.86, $body], [1, $body]],
            'deck' => [[0, $body], [0.56, $body], [0.58, $outer], [0.7, $outer], [0.72, $body], [1, $body]],
            'tube_end' => [[0, $body], [0.6, $body], [0.64, $outer], [1, $outer]],
            default => [[0, $outer], [1, $outer]],
        };

        return array_map(static fn (array $p): array => [$p[0] * $length, (float) $p[1]], $shares);
    }

    /**
     * Seen beyond the cut: spokes' holes, splines.
     *
     * @param  list<array{float, float}>  $outer
     * @return list<Outline>
     */
    private static function details(Part $housing, array $outer): array
    {
        $length = $housing->mm('length');
        $top = $housing->mm('outside') / 2;

        return match ($housing->form) {
            'flanges' => [
                Outline::circle(Hatch::Void, 0.1225 * $length, $top - 3.2, min(1.3, 0.018 * $length)),
                Outline::circle(Hatch::Void, 0.8425 * $length, $top - 3.2, min(1.3, 0.018 * $length)),
            ],
            'spline' => array_map(
                static fn (float $share): Outline => Outline::of(Hatch::Line, [
                    [0.06 * $length, $top - $share],
                    [0.9 * $length, $top - $share],
                ]),
                [0.8, 1.9],
            ),
            default => [],
        };
    }
}
