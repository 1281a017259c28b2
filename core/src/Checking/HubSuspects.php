<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Fastener;
use CleanRace\Core\Patterns\HubRole;

/** What a hub and its machine cannot be blamed for: it has none. */
final class HubSuspects
{
    /** Nuts that clamp what turns. */
    private const AXLE_NUTS = [
        'axle_nut',
        'axle_nuts',
        'castle_nut',
        'blade_nut',
        'pulley_nut',
        'wheel_nuts',
        'through_axle',
        'lock_nut_right',
    ];

    /** @return list<Suspect> */
    public static function without(Bench $bench): array
    {
        $card = $bench->pattern->card();
        $isWheel = $card->role === HubRole::Wheel;
        $fasteners = array_map(static fn (Fastener $f): string => $f->id, $bench->pattern->fasteners());

        return array_values(
            array_filter([
                $bench->hub->stack->ofKind(PartKind::Seal, PartKind::Felt, PartKind::DustCap) === [] ? Suspect::Seal : null,
                array_intersect(self::AXLE_NUTS, $fasteners) === [] ? Suspect::AxleNut : null,
                $card->isBraked() ? null : Suspect::Brake,
                $isWheel && $card->machine->isSteered() ? null : Suspect::Joints,
                $isWheel ? null : Suspect::WheelTyre,
            ]),
        );
    }
}
