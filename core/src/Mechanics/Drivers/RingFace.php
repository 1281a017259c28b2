<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Drivers;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;

/** The face of a bearing as a driver meets it: outer ring, seal, inner ring. Diameters in mm. A cup has no inner ring. */
final readonly class RingFace
{
    private function __construct(
        public float $bore,
        public float $outside,
        public float $outerInside,
        public float $innerOutside,
        public float $share,
        public bool $hasInner,
    ) {
    }

    /** @param  bool  $thin of the thin-section series, whose rings are slight */
    public static function of(Limits $limits, Length $bore, Length $outside, bool $thin): self
    {
        $share = $limits->get($thin ? 'driver.zone_share_thin' : 'driver.zone_share');
        $section = $outside->mm - $bore->mm;

        return new self($bore->mm, $outside->mm, $outside->mm - $share * $section, $bore->mm + $share * $section, $share, true);
    }

    /** The cup of a taper or of loose balls: all of its face is ring. */
    public static function cup(Length $outside, Length $inside): self
    {
        return new self($inside->mm, $outside->mm, $inside->mm, 0.0, 1.0, false);
    }
}
