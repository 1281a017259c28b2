<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Orders;

use CleanRace\Core\Catalogue\BallSet;
use CleanRace\Core\Sound\TurningRing;
use CleanRace\Core\Tables\Limits;

/** From where to where, in times a turn, each part of a bearing speaks when its cage slips as cages do. */
final readonly class PartRanges
{
    /**
     * @param  array{float, float}  $outer
     * @param  array{float, float}  $inner
     * @param  array{float, float}  $ball
     * @param  array{float, float}  $cage
     * @param  BearingOrders  $even without slip
     */
    private function __construct(
        public array $outer,
        public array $inner,
        public array $ball,
        public array $cage,
        public BearingOrders $even,
        public TurningRing $turning,
        public bool $guessed,
    ) {
    }

    public static function of(BallSet $set, TurningRing $turning, Limits $limits): self
    {
        $even = BearingOrders::at($set, $turning, $set->ball->mm / $set->circle->mm);
        [$low, $high] = array_map(
            static fn (float $ratio): BearingOrders => BearingOrders::at($set, $turning, $ratio),
            BearingOrders::slipping($set, $turning, $limits),
        );

        return new self(
            self::ordered($low->outer, $high->outer),
            self::ordered($low->inner, $high->inner),
            [$even->ball * $limits->get('sound.ball_low'), $even->ball * $limits->get('sound.ball_high')],
            self::ordered($low->cage, $high->cage),
            $even,
            $turning,
            $set->guessed,
        );
    }

    /** How often in a turn a ring or a ball of it speaks at the least. */
    public function slowest(): float
    {
        return min($this->outer[0], $this->inner[0], $this->ball[0]);
    }

    /** @return array{float, float} */
    private static function ordered(float $a, float $b): array
    {
        return [min($a, $b), max($a, $b)];
    }
}
