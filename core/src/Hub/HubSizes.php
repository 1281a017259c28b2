<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Measure\Length;

/** What a pair of bearings in a hub measures. Depths are from the hub face on their own side. */
final readonly class HubSizes
{
    /** @param  list<string>  $measured names of those that somebody read; the others are what such hubs usually have */
    public function __construct(
        public Bearing $left,
        public Bearing $right,
        public Length $leftWidth,
        public Length $rightWidth,
        public Length $overFaces,
        public Length $ledgeDepth,
        public Length $sleeveLength,
        public Length $hubOutside,
        public Length $sealWidth,
        public Length $grooveEdge,
        public Length $grooveWidth,
        public Length $ringThickness,
        public bool $twoLedges,
        public Side $first,
        public array $measured,
    ) {
    }

    public function bearing(Side $side): Bearing
    {
        return $side === Side::Right ? $this->right : $this->left;
    }

    public function width(Side $side): Length
    {
        return $side === Side::Right ? $this->rightWidth : $this->leftWidth;
    }

    /** Depth at which the first bearing stands on its ledge. */
    public function homeDepth(): Length
    {
        return Length::mm($this->ledgeDepth->mm - $this->width($this->first)->mm);
    }

    /** Depth at which the second bearing rests on the sleeve, when the first is home. */
    public function secondRest(): Length
    {
        return Length::mm($this->overFaces->mm - $this->ledgeDepth->mm - $this->sleeveLength->mm - $this->width($this->first->other())->mm);
    }
}
