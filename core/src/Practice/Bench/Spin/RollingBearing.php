<?php

declare(strict_types=1);

namespace CleanRace\Core\Practice\Bench\Spin;

use CleanRace\Core\Catalogue\BallSet;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Sound\TurningRing;

/**
 * Balls that roll between two rings, step by step: each ring's track moves at its own speed, a ball's middle at half their sum less
 * what it slips, a ball about itself at their difference. When a ball comes over the hurt spot of a ring, or the hurt spot of a ball
 * meets a ring, there is a knock, as hard as that ball is pressed there and as fast as it goes.
 */
final readonly class RollingBearing
{
    private const SLIP_MOST = 0.02;

    /** A ball lies in a pocket that is a little wider than it: so far it may be off its place, in turns. */
    private const POCKET = 0.004;

    private const TUMBLE_S = 1.5;

    private const TRACK = 0.45;

    /**
     * @param  Fault  $fault outer, inner or ball; others knock at no place
     * @return list<array{float, float}> when, in s, and how hard: one for a ball under full load at two turns a second
     */
    public static function knocks(BallSet $balls, TurningRing $turning, Fault $fault, HandSpin $spin, Chance $chance): array
    {
        if (! in_array($fault, [Fault::Outer, Fault::Inner, Fault::Ball], true)) {
            return [];
        }
        $inner = $balls->circle->mm - $balls->ball->mm;
        $outer = $balls->circle->mm + $balls->ball->mm;
        $offs = [];
        for ($j = 0; $j < $balls->balls; $j++) {
            $offs[] = $j / $balls->balls + $chance->between(-self::POCKET, self::POCKET);
        }
        [$spot, $down, $evenly] = [$chance->between(0, 1), $chance->between(0, 1), $chance->between(0.1, 0.6)];
        [$slip, $slips] = [$chance->between(0, self::SLIP_MOST), 0.0];
        [$cage, $own, $lean] = [$chance->between(0, 1), $chance->between(0, 1), $chance->error(0.3)];
        [$knocks, $before, $last] = [[], null, 0.0];
        foreach ($spin->turns as $step => $turns) {
            $moved = $turns - $last;
            $last = $turns;
            if ($step % 50 === 0) {
                $slips = 0.9 * $slips + $chance->error(0.002);
                $lean += -$lean * 0.05 / self::TUMBLE_S + $chance->error(0.45 * sqrt(2 * 0.05 / self::TUMBLE_S));
            }
            [$outerMoved, $innerMoved] = $turning === TurningRing::Outer ? [$moved, 0.0] : [0.0, $moved];
            // Tracks as they pass, in mm over π: speeds at the radii where the balls touch.
            [$there, $here] = [$outerMoved * $outer, $innerMoved * $inner];
            $middle = ($there + $here) / 2 * (1 - max(0.0, min(self::SLIP_MOST, $slip + $slips)));
            $carried = $middle / $balls->circle->mm;
            $cage += $carried;
            // Seen from the cage, the outer track runs under the ball by what it is ahead of the cage.
            $own += ($outerMoved - $carried) * $outer / $balls->ball->mm;
            if ($moved <= 0) {
                continue;
            }
            $hard = $moved * HandSpin::STEPS / 2;
            if ($fault === Fault::Ball) {
                $now = [floor(2 * $own)];
                $places = [$cage + $offs[0]];
            } else {
                $ring = $fault === Fault::Outer
                    ? ($turning === TurningRing::Outer ? $turns : 0.0)
                    : ($turning === TurningRing::Inner ? $turns : 0.0);
                [$now, $places] = [[], []];
                foreach ($offs as $off) {
                    $now[] = floor($cage + $off - $ring - $spot);
                    $places[] = $ring + $spot;
                }
            }
            foreach ($now as $j => $count) {
                if ($before !== null && isset($before[$j], $places[$j]) && $count !== $before[$j]) {
                    $load = $evenly + (1 - $evenly) * max(0.0, cos(2 * M_PI * ($places[$j] - $down)));
                    $meets = $fault === Fault::Ball ? exp(-(($lean / self::TRACK) ** 2)) : 1.0;
                    $knocks[] = [($step - $chance->between(0, 1)) / HandSpin::STEPS, $load * $meets * $hard * $chance->between(0.75, 1.25)];
                }
            }
            $before = $now;
        }

        return $knocks;
    }
}
