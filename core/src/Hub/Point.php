<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Measure\Length;

/** A corner of the housing's outline: along the axle, and from the axle outward. */
final readonly class Point
{
    public function __construct(public Length $along, public Length $radius)
    {
    }

    public static function at(float $along, float $radius): self
    {
        return new self(Length::mm($along), Length::mm($radius));
    }
}
