<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Share;

/** One size that the readings may mean. */
final readonly class CaliperCandidate
{
    /** @param  float  $chiSquare sum of squared misses in standard deviations */
    public function __construct(
        public string $number,
        public Length $bore,
        public Length $outside,
        public Length $width,
        public string $system,
        public float $chiSquare,
        public Share $probability,
    ) {
    }

    public static function of(Bearing $size, float $chiSquare, float $probability): self
    {
        return new self($size->number, $size->bore, $size->outside, $size->sealedWidth, $size->system, $chiSquare, Share::of($probability));
    }
}
