<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Orders;

use CleanRace\Core\Catalogue\BallSet;
use CleanRace\Core\Sound\TurningRing;
use CleanRace\Core\Tables\Limits;

/**
 * Kinematics of a ball bearing with one ring standing, contact angle nought (rolling without slip: Harris, Rolling Bearing
 * Analysis). With ρ = d/Dp a ring that stands is passed by n(1 − ρ)/2 or n(1 + ρ)/2 balls in a turn, and outer and inner ring
 * together by n. The cage may slip: one number is searched, so that the two still make n.
 */
final readonly class BearingOrders
{
    private function __construct(public float $outer, public float $inner, public float $ball, public float $cage)
    {
    }

    /** @param  float  $ratio ball over ball circle, or what it acts as when the cage slips */
    public static function at(BallSet $set, TurningRing $turning, float $ratio): self
    {
        // In a turn of what turns, the cage makes this much of one.
        $cage = $turning === TurningRing::Outer ? (1 + $ratio) / 2 : (1 - $ratio) / 2;
        // A ring is passed as often as the cage turns against it.
        $standing = $set->balls * $cage;
        $running = $set->balls * (1 - $cage);
        $still = $set->ball->mm / $set->circle->mm;

        return new self(
            $turning === TurningRing::Outer ? $running : $standing,
            $turning === TurningRing::Outer ? $standing : $running,
            // Both rings meet the same spot of a ball in one turn of it.
            (1 - $still ** 2) / $still,
            $cage,
        );
    }

    /** @return array{float, float} what the ratio may act as, when the cage slips; wider where the balls are only guessed */
    public static function slipping(BallSet $set, TurningRing $turning, Limits $limits): array
    {
        $ratio = $set->ball->mm / $set->circle->mm;
        $doubt = $set->guessed
            ? [$limits->get('sound.guess_low'), $limits->get('sound.guess_high')]
            : [$limits->get('sound.ratio_low'), 1.0];
        [$slow, $fast, $edge] = [$limits->get('sound.cage_slow'), $limits->get('sound.cage_fast'), $limits->get('sound.ratio_edge')];

        return $turning === TurningRing::Outer
            ? [$doubt[0] * $ratio - $slow * (1 + $ratio) - $edge, $doubt[1] * $ratio + $edge]
            : [$doubt[0] * $ratio - $fast, $doubt[1] * $ratio + $slow * (1 - $ratio) + $edge];
    }
}
