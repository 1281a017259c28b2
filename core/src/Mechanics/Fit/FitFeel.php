<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Hub\SeatMeant;

/** How a ring goes into its bore or on its shaft, as hands tell it. A hand feels force; what it tells of the fit is `Felt`'s matter. */
enum FitFeel: string
{
    case Rattles = 'rattles';
    case DropsIn = 'drops_in';
    case ThumbPush = 'thumb_push';
    case LightTaps = 'light_taps';
    case FirmDriving = 'firm_driving';
    case WillNotStart = 'will_not_start';

    /** Whether the seat holds the ring: it takes at least a tap. */
    public function holds(): bool
    {
        return in_array($this, [self::LightTaps, self::FirmDriving, self::WillNotStart], true);
    }

    /** Whether a ring that is to be pressed is two classes or more from a good one. */
    public function meansLoose(SeatMeant $meant = SeatMeant::PressedFast): bool
    {
        return $this === self::Rattles || ($this === self::DropsIn && $meant !== SeatMeant::StandsStill);
    }

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Rattles => 'Rattles in the bore',
            self::DropsIn => 'Drops in by itself',
            self::ThumbPush => 'Slides in under the thumb',
            self::LightTaps => 'Starts by hand, then light taps',
            self::FirmDriving => 'Wants firm driving',
            self::WillNotStart => 'Will not start cold',
        };
    }
}
