<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Float;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Verdict;

/** The two spacers, and what lies there to make them of. */
final readonly class WheelCentreResult
{
    /**
     * @param  Length  $rimOffset how far the rim stands to the right of the middle as it was tried in
     * @param  list<string>  $stackLeft washers for the left one, as they are written on a bag
     * @param  list<string>  $stackRight
     */
    public function __construct(
        public Length $spacerLeft,
        public Length $spacerRight,
        public Length $rimOffset,
        public array $stackLeft,
        public array $stackRight,
        public Verdict $verdict,
    ) {
    }
}
