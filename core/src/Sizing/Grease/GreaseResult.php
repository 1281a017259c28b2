<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Grease;

use CleanRace\Core\Measure\Mass;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Measure\Volume;
use CleanRace\Core\Verdict\Verdict;

final readonly class GreaseResult
{
    /**
     * @param  string  $way sealed (left as it comes), greased (packed open) or hybrid (inner seal out, fed by the nipple)
     * @param  string  $sealOut which seal comes out: none or inner
     * @param  ?int  $strokes of the gun that fill the cavity; null when there is no nipple or its cavity is not measured
     */
    public function __construct(
        public string $way,
        public string $sealOut,
        public Volume $free,
        public Share $fill,
        public Mass $grease,
        public ?Volume $cavity,
        public ?int $strokes,
        public Verdict $verdict,
    ) {
    }
}
