<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Tapers;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Verdict;

/** The places the pin can go, which of them serves, and the shim when none does. */
final readonly class TaperNutResult
{
    /**
     * @param  list<NutSlot>  $reachable from zero outward
     * @param  ?int  $chosen which of them, counted from 0
     */
    public function __construct(
        public Length $step,
        public Length $bandLow,
        public Length $bandHigh,
        public array $reachable,
        public ?int $chosen,
        public ?Length $shim,
        public Verdict $verdict,
    ) {
    }
}
