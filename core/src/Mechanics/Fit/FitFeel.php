<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

/** How a ring goes into its bore, as hands tell it. Each is a band of interference (+ tight), in mm. */
enum FitFeel: string
{
    case Rattles = 'rattles';
    case DropsIn = 'drops_in';
    case ThumbPush = 'thumb_push';
    case LightTaps = 'light_taps';
    case FirmDriving = 'firm_driving';
    case WillNotStart = 'will_not_start';

    /** @return array{float, float} least and most interference */
    public function band(): array
    {
        return match ($this) {
            self::Rattles => [-0.25, -0.05],
            self::DropsIn => [-0.05, -0.02],
            self::ThumbPush => [-0.02, -0.003],
            self::LightTaps => [-0.005, 0.01],
            self::FirmDriving => [0.008, 0.03],
            self::WillNotStart => [0.025, 0.1],
        };
    }

    /** Whether this alone means that the ring is too loose to grip. */
    public function meansLoose(): bool
    {
        return $this === self::Rattles || $this === self::DropsIn;
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
