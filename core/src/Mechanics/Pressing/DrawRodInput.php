<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Pressing;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Verdict\Field;

/** What a threaded rod has to pass through, and the rod that hangs on the wall. */
final readonly class DrawRodInput
{
    public function __construct(
        #[Field('Hub over its two faces')] public Length $overFaces,
        #[Field('Driver stands out of the hub by', least: 0)] public Length $driverLength,
        #[Field('Bore of the bearing, which the rod passes')] public Length $bore,
        #[Field('Draw bolt')] public DrawBolt $drawBolt = DrawBolt::M12,
        #[Field('Washers, all together', least: 0)] public ?Length $washers = null,
        #[Field('Depth of the socket that turns the nut')] public ?Length $socketDepth = null,
        #[Field('Rod there is')] public ?Length $rod = null,
        #[Field('Most force reckoned with', least: 0)] public ?Force $force = null,
    ) {
        if ($drawBolt->diameter() >= $bore->mm) {
            throw InvalidInput::about('draw_bolt', sprintf('%s does not pass the bore of this bearing.', $drawBolt->value));
        }
    }
}
