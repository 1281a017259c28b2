<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Listen;

use CleanRace\Core\Sound\Finding\Judgement;

/** How likely each finding is; together one. */
final readonly class Likelihoods
{
    public function __construct(
        public float $outerRing,
        public float $innerRing,
        public float $ball,
        public float $dry,
        public float $rub,
        public float $quiet,
        public float $unclear,
    ) {
    }

    public static function of(Judgement $judgement): self
    {
        $of = static fn (string $finding): float => round($judgement->likelihoods[$finding], 4);

        return new self($of('outer_ring'), $of('inner_ring'), $of('ball'), $of('dry'), $of('rub'), $of('quiet'), $of('unclear'));
    }
}
