<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Orders;

/** How often a part speaks in one turn, when one spot of it is hurt. */
final readonly class DefectOrder
{
    /**
     * @param  string  $part outer_ring, inner_ring, ball or cage
     * @param  float  $order times a turn, when nothing slips
     * @param  float  $least times a turn, with the cage slipping as far as it does in a wheel that is spun by hand
     * @param  float  $most times a turn
     * @param  float  $hz times a second at the speed that was named
     */
    public function __construct(public string $part, public float $order, public float $least, public float $most, public float $hz)
    {
    }
}
