<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Fit\Joint;
use CleanRace\Core\Mechanics\Pressing\PressFit;
use CleanRace\Core\Mechanics\Pressing\PressFitInput;
use CleanRace\Core\Mechanics\Pressing\PressForceResult;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Seating\Press\PressSetup;
use CleanRace\Core\Sizing\Plan\Findings;
use CleanRace\Core\Sizing\Plan\PressedSeat;
use CleanRace\Core\Sizing\Plan\SizingRun;
use CleanRace\Core\Tables\Limits;

/** What is reckoned of pressing a ring before it is pressed: how far, with what force. */
final class PressReckoning
{
    public function __construct(
        private readonly Limits $limits,
        private readonly Bench $bench,
        private readonly Findings $findings,
        private readonly SeatOrder $order,
    ) {
    }

    /** What is reckoned of pressing the ring at a seat; null when there is no such seat. */
    public function setup(string $key): ?PressSetup
    {
        $seat = array_values(array_filter($this->order->seats(), static fn (PressedSeat $s): bool => $s->key === $key))[0] ?? null;
        if ($seat === null) {
            return null;
        }
        $grip = max(1.0, (new Joint($seat->seat, $seat->bore, $seat->outside, $seat->width))->touches());
        $sizes = $this->findings->sizes;
        $second = $this->order->isSecondOfPair($seat);
        $home = match (true) {
            $second && ! $sizes->twoLedges => $sizes->secondRest()->mm + $seat->width->mm,
            default => $this->order->reach($seat)->mm + $seat->width->mm,
        };
        $force = $seat->force ?? $this->usualForce($seat);

        return new PressSetup(
            $seat->key,
            $seat->part->id,
            Length::mm($grip),
            Length::mm(max($grip, $home)),
            $force->forceLow ?? Force::newtons(0),
            Force::newtons(max(1.0, $force->forceHigh->newtons ?? $this->limits->get('force.alarm_floor_n'))),
            $second && ! $sizes->twoLedges,
            $seat->force !== null,
        );
    }

    /** As makers fit such rings, where nobody measured this one. */
    private function usualForce(PressedSeat $seat): ?PressForceResult
    {
        $housing = $this->bench->hub->stack->one(PartKind::Housing);
        try {
            return (new PressFit($this->limits))->work(
                new PressFitInput(
                    bore: $seat->bore,
                    outside: $seat->outside,
                    width: $seat->width,
                    seat: $seat->seat,
                    hubOutside: $seat->seat === RingSeat::Bore ? $housing?->sizes['outside'] : null,
                    material: $seat->seat === RingSeat::Bore ? SizingRun::material($this->bench) : null,
                ),
            )->force;
        } catch (InvalidInput) {
            return null;
        }
    }
}
