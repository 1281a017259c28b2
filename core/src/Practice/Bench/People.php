<?php

declare(strict_types=1);

namespace CleanRace\Core\Practice\Bench;

/** How far people are off at a bench, as standard deviations, and where what they feel of a cone changes its name. */
final readonly class People
{
    /**
     * @param  float  $fit of the play that is felt where a ring does not grip, in mm
     * @param  float  $force of a force that is felt: of its logarithm
     * @param  float  $classOff share of answers that are the next one beside the right one
     * @param  float  $cone of the end play that is felt, in mm
     * @param  float  $mark of a mark that is set by hand, in degrees
     * @param  float  $lock of what a lock nut moves the cone, beside what it always does, in degrees
     * @param  float  $binds end play below which a cone binds, in mm: less than none
     * @param  float  $none below which none is felt, in mm
     * @param  float  $trace below which it is a trace, in mm
     * @param  float  $rimByCaliper half-width of play read at the rim with a caliper or a rule, in mm
     * @param  float  $rimByDial likewise with a dial gauge, in mm
     */
    public function __construct(
        public float $fit,
        public float $force,
        public float $classOff,
        public float $cone,
        public float $mark,
        public float $lock,
        public float $binds,
        public float $none,
        public float $trace,
        public float $rimByCaliper,
        public float $rimByDial,
    ) {
    }
}
