<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Listen;

use CleanRace\Core\Sound\Finding\HeardWheel;
use CleanRace\Core\Sound\Finding\PartStrength;
use CleanRace\Core\Sound\Orders\PartRanges;

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

    /** @param  ?PartRanges  $ranges null where the bearing is not known */
    public static function of(HeardWheel $heard, ?PartRanges $ranges): self
    {
        $of = static fn (?PartStrength $part): ?float => $part === null ? null : round(max($part->all, $part->rest), 2);
        $hearing = $heard->turns?->hearing;

        return new self(
            $of($heard->turns->parts[0] ?? null),
            $of($heard->turns->parts[1] ?? null),
            $of($heard->turns->parts[2] ?? null),
            $ranges === null ? null : $hearing?->all->strongest(...$ranges->cage),
            $hearing === null ? null : round($hearing->once, 3),
        );
    }
}
