<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Listen;

/**
 * How far each part stands out of this recording where it would speak; null where that cannot be told. Outer ring, inner ring and
 * ball: standard deviations above chance. Cage: logarithm of its line over its surroundings. Turn: how much louder than usual the
 * loudest side of a turn is, as a share.
 */
final readonly class Strengths
{
    public function __construct(
        public ?float $outerRing,
        public ?float $innerRing,
        public ?float $ball,
        public ?float $cage,
        public ?float $turn,
    ) {
    }
}
