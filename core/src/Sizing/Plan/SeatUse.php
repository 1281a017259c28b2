<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Plan;

use CleanRace\Core\Hub\HubUse;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Mechanics\Fit\RingTolerance;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;

/** What a seat of a job is meant to do, and to what its ring was made. */
final class SeatUse
{
    /**
     * As the mechanic says; else as the pattern has it. A light wheel that is used as a fast one is judged as one.
     *
     * @param  string  $key left or right of a pair, or the part that sits there
     */
    public static function of(Bench $bench, string $key, RingSeat $seat): SeatMeant
    {
        $card = $bench->pattern->card();
        $meant = $seat === RingSeat::Bore ? $card->outer : $card->inner;
        $fast = $bench->notebook->choice(Places::USE) === HubUse::FastWheel->value;

        return SeatMeant::tryFrom($bench->notebook->choice(PlacesOf::meant($key)) ?? '') ??
            ($meant === SeatMeant::PressedSlow && $fast ? SeatMeant::PressedFast : $meant);
    }

    /** Cups and cones of inch tapers are made larger than their number says, all others smaller. */
    public static function made(Part $part, RingSeat $seat): RingTolerance
    {
        $mm = $part->mm($seat === RingSeat::Bore ? 'outside' : 'bore');
        // Metric tapers have whole millimetres (ISO 355).
        $off = abs($mm - round($mm));
        $taper = $part->kind === PartKind::TaperCup || $part->kind === PartKind::TaperCone;

        return $taper && $off > 1e-3 ? RingTolerance::InchTaper : RingTolerance::Normal;
    }
}
