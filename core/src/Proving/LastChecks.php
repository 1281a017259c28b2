<?php

declare(strict_types=1);

namespace CleanRace\Core\Proving;

use CleanRace\Core\Hub\HubUse;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Patterns\Bench;

/** The checks that end a job, as far as this hub has what they look at. */
final class LastChecks
{
    /** @return array<string, string> what is asked, by name */
    public static function of(Bench $bench): array
    {
        $stack = $bench->hub->stack;
        $card = $bench->pattern->card();
        $braked = $card->use === HubUse::FastWheel;

        return array_filter(
            [
                'spins' => 'Spins without grit, against the sound before',
                'no_play' => $card->isSetByHand()
                    ? 'Play at 3 and 9, and at 12 and 6: as it was set, no more'
                    : 'No play at 3 and 9, nor at 12 and 6',
                'stops' => 'Coasts and stops naturally',
                'brake_free' => $braked ? 'Brake free; lever pumped' : null,
                'rings_seen' => $stack->ofKind(PartKind::SnapRing, PartKind::Clip) === [] ? null : 'Snap rings seen all round',
                'seals_level' => $stack->ofKind(PartKind::Seal, PartKind::DustCap) === [] ? null : 'Seals level',
                'disc_clean' => $braked ? 'Disc wiped of fingerprints' : null,
                'towel' => 'No towel, rag or tool left in it',
            ],
            static fn (?string $label): bool => $label !== null,
        );
    }
}
