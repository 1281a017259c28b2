<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Home;

/** How the sleeve and the pair of bearings feel while the second goes in. */
enum PairFeel: string
{
    case Rattles = 'rattles';
    case MovesUpDown = 'moves_up_down';
    case NudgesOnly = 'nudges_only';
    case OtherFollows = 'other_follows';
    case AxleByHand = 'axle_by_hand';
    case Binds = 'binds';
    case ClampedFree = 'clamped_free';
    case ClampedDrags = 'clamped_drags';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Rattles => 'The spacer tube rattles',
            self::MovesUpDown => 'The spacer tube moves up and down',
            self::NudgesOnly => 'The spacer tube can only be nudged',
            self::OtherFollows => 'Turning one inner ring turns the other',
            self::AxleByHand => 'Axle or shaft slides through by hand',
            self::Binds => 'It binds or feels notchy',
            self::ClampedFree => 'Clamped, it turns free',
            self::ClampedDrags => 'Clamped, it drags',
        };
    }

    /** The second bearing is there. */
    public function meansThere(): bool
    {
        return in_array($this, [self::NudgesOnly, self::OtherFollows, self::ClampedFree], true);
    }

    /** With sizes that say so too, it is there. */
    public function agrees(): bool
    {
        return $this->meansThere() || $this === self::AxleByHand;
    }

    /** It has not come to rest on the sleeve. */
    public function meansShort(): bool
    {
        return $this === self::Rattles || $this === self::MovesUpDown;
    }

    /** It has gone too far, or the sleeve is short or askew. */
    public function meansTooFar(): bool
    {
        return $this === self::Binds || $this === self::ClampedDrags;
    }
}
