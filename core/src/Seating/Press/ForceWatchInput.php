<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Press;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Verdict\Field;

/** What the gauge or the wrench shows now, and what was reckoned of this fit. */
final readonly class ForceWatchInput
{
    public function __construct(
        #[Field('Least force reckoned with', least: 0)] public Force $forceLow,
        #[Field('Most force reckoned with', least: 1)] public Force $forceHigh,
        #[Field('Force shown', least: 0)] public ?Force $force = null,
        #[Field('Pressure shown', least: 0)] public ?Pressure $pressure = null,
        #[Field('Piston of the press')] public ?Length $ram = null,
        #[Field('Torque on the draw nut', least: 0)] public ?Torque $torque = null,
        #[Field('Draw bolt')] public DrawBolt $drawBolt = DrawBolt::M12,
        #[Field('Threads are oiled')] public bool $oiled = true,
        #[Field('Still to go', least: -5)] public ?Length $toGo = null,
    ) {
        if (count(array_filter([$force, $pressure, $torque], static fn (mixed $shown): bool => $shown !== null)) !== 1) {
            throw InvalidInput::about(
                'force_n',
                'Give what is shown once: a force, the pressure of the gauge, or the torque on the draw nut.',
            );
        }
        if ($pressure !== null && $ram === null) {
            throw InvalidInput::about('ram_mm', 'The pressure of a gauge says a force only with the diameter of the piston.');
        }
        if ($forceLow->newtons > $forceHigh->newtons) {
            throw InvalidInput::about('force_low_n', 'The least force reckoned with is more than the most.');
        }
    }
}
