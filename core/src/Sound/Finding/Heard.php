<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Finding;

/** What a recording of a spun wheel tells. */
enum Heard: string
{
    case OuterRing = 'outer_ring';
    case InnerRing = 'inner_ring';
    case Ball = 'ball';
    case Dry = 'dry';
    case Rub = 'rub';
    case Quiet = 'quiet';
    case Unclear = 'unclear';

    /** The parts of a bearing that speak at an order of their own. */
    public const PARTS = [self::OuterRing, self::InnerRing, self::Ball];

    public function isPart(): bool
    {
        return in_array($this, self::PARTS, true);
    }
}
