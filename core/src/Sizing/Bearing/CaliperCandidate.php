<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Bearing;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Verdict\Message;

/** One size that the readings may mean, under the commonest of its numbers. */
final readonly class CaliperCandidate
{
    /**
     * @param  Message|string  $kind what the commonest of that size is
     * @param  list<string>  $others other numbers of just that size: another kind, a flange, a ring. The caliper does not tell them apart
     * @param  float  $chiSquare sum of squared misses in standard deviations
     */
    public function __construct(
        public string $number,
        public Length $bore,
        public Length $outside,
        public Length $width,
        public string $system,
        public Message|string $kind,
        public array $others,
        public float $chiSquare,
        public Share $probability,
    ) {
    }

    /** @param  list<string>  $others */
    public static function of(Bearing $size, array $others, float $chiSquare, float $probability): self
    {
        return new self(
            $size->number,
            $size->bore,
            $size->outside,
            $size->sealedWidth,
            $size->system,
            $size->kind->label(),
            $others,
            $chiSquare,
            Share::of($probability),
        );
    }
}
