<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

use CleanRace\Core\Patterns\HubRole;
use CleanRace\Core\Patterns\MachineKind;
use CleanRace\Core\Patterns\PatternCard;

/** How a hub is tried before anything comes apart, in words of what it carries. */
final readonly class CheckWords
{
    private function __construct(
        public string $detail,
        public string $tool,
        public string $caution,
        public ?string $why,
        public string $rock,
        public string $spin,
        public string $lost,
    ) {
    }

    /** In words of that hub. */
    public static function of(PatternCard $card): self
    {
        $coast = 'Coasting alone proves nothing: a freshly packed bearing stops soon, a dry one coasts long and sings.';

        return match ($card->role) {
            HubRole::Wheel => new self(
                $card->isBraked()
                    ? 'Wheel off the ground, load off. Free the brake first: a dragging pad is the commonest false alarm.'
                    : 'Wheel off the ground, load off.',
                'Hands; a rod on the axle or its holder to listen',
                $card->machine === MachineKind::Bicycle
                    ? 'Fingers clear of disc and spokes.'
                    : 'On a stand that cannot tip. Fingers clear of what turns.',
                $coast,
                'Rocked at 3 and 9',
                'Spun by hand',
                'Spacers and ends that change sides put the wheel off centre, and nobody remembers which was which.',
            ),
            HubRole::Idler => new self(
                'Track, chain or belt slack, so that it turns alone.',
                'Hands; a rod on its bolt to listen',
                'Engine off and cold, key out. Fingers clear of track and chain.',
                $coast,
                'Rocked by hand',
                'Spun by hand',
                'Spacers and washers put it in line with what it guides.',
            ),
            HubRole::Blade => new self(
                'Belt off, blade still on. Turn the shaft by hand; lift it and rock it by the blade.',
                'Hands in gloves; a rod on the housing to listen',
                'Spark lead off, or battery out. The deck on stands, the blade held still before a hand goes under.',
                'With the belt on, its pull hides play and its noise hides the bearing.',
                'Rocked by the blade',
                'Turned by hand, belt off',
                'The blade must hang as high as it did, and the same way up.',
            ),
            HubRole::Freehub => new self(
                'Chain off its sprockets. Turn the body backward by hand, then rock it across the hub.',
                'Hands',
                'Fingers clear of the teeth.',
                'Play here feels like play of the wheel: rock the wheel by its rim as well, and see which moves.',
                'Rocked across the hub',
                'Turned backward by hand',
                'Bearings stand where they stood, pawls and springs lie as they lay.',
            ),
        };
    }
}
