<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Cones;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Tables\Limits;

/** How hard the lever of a quick-release closes, and what it squeezes with: shop practice, there is no gauge for it. */
enum LeverFeel: string
{
    case Light = 'light';
    case Usual = 'usual';
    case Firm = 'firm';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Light => 'Light, by the fingers',
            self::Usual => 'Marks the palm',
            self::Firm => 'Hard, with the whole hand',
        };
    }

    /** What the lever squeezes the axle with. */
    public function squeeze(Limits $limits): Force
    {
        return Force::newtons(
            $limits->get(
                match ($this) {
                    self::Light => 'cone.squeeze_light_n',
                    self::Usual => 'cone.squeeze_usual_n',
                    self::Firm => 'cone.squeeze_firm_n',
                },
            ),
        );
    }
}
