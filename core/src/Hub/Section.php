<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Measure\Length;

/** Where everything lies along the axle, ready to be drawn to scale. Zero is the left face of the hub. */
final readonly class Section
{
    /**
     * @param  list<Point>  $housing outline of the upper half, closed
     * @param  list<Shape>  $shapes along the axle
     * @param  list<Span>  $spans
     */
    public function __construct(
        public Length $overFaces,
        public Length $hubOutside,
        public array $housing,
        public array $shapes,
        public array $spans,
    ) {
    }
}
