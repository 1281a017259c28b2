<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Push;
use CleanRace\Core\Patterns\Put;
use CleanRace\Core\Seating\Home\HomeDepth;
use CleanRace\Core\Sizing\Plan\Findings;
use CleanRace\Core\Sizing\Plan\PressedSeat;
use CleanRace\Core\Sizing\Plan\Seats;
use CleanRace\Core\Tables\Limits;

/** The seats of a job in the order in which they are made, and where each of them ends. */
final class SeatOrder
{
    /** @var ?list<PressedSeat> */
    private ?array $seats = null;

    public function __construct(private readonly Limits $limits, private readonly Bench $bench, private readonly Findings $findings)
    {
    }

    /** @return list<PressedSeat> in the order in which they are made; what was left in its place is not among them */
    public function seats(): array
    {
        if ($this->seats !== null) {
            return $this->seats;
        }
        $seats = array_values(
            array_filter(
                (new Seats($this->limits))->all($this->bench, $this->findings),
                fn (PressedSeat $s): bool => ! $this->bench->stays($s->part),
            ),
        );
        $order = array_flip(
            array_map(static fn (Put $put): string => $put->part, $this->bench->pattern->assembly($this->bench->hub->first)),
        );
        usort(
            $seats,
            static fn (PressedSeat $a, PressedSeat $b): int => [$order[$a->part->id] ?? 99, $a->seat === RingSeat::Shaft] <=> [
                $order[$b->part->id] ?? 99,
                $b->seat === RingSeat::Shaft,
            ],
        );

        return $this->seats = $seats;
    }

    /** Which ring is pushed, as the pattern says it or by whose fit is made: both only while the axle runs through. */
    public function push(PressedSeat $seat): Push
    {
        $push = $this->put($seat)->push ?? $seat->push();

        return $push === Push::Both && ! $this->isAxleThrough($seat) ? $seat->push() : $push;
    }

    /** Whether the axle is in already, or goes in before this bearing. */
    private function isAxleThrough(PressedSeat $seat): bool
    {
        $axle = $this->bench->hub->stack->one(PartKind::Axle);
        if ($axle === null) {
            return false;
        }
        foreach ($this->bench->pattern->assembly($this->bench->hub->first) as $put) {
            if ($put->part === $axle->id || $put->part === $seat->part->id) {
                // What was in before the axle was pushed without it.
                return $put->part === $axle->id ||
                    ($this->bench->tray->state($axle->id) === PartState::Fitted &&
                        $this->bench->tray->state($seat->part->id) !== PartState::Fitted);
            }
        }

        return false;
    }

    /** How the pattern has this part go in; null for one that was added by hand. */
    public function put(PressedSeat $seat): ?Put
    {
        foreach ($this->bench->pattern->assembly($this->bench->hub->first) as $put) {
            if ($put->part === $seat->part->id) {
                return $put;
            }
        }

        return null;
    }

    /** Whether it is the first bearing of a pair with a spacer tube. */
    public function isFirstOfPair(PressedSeat $seat): bool
    {
        return $this->bench->isPair() && $seat->key === $this->findings->sizes->first->value;
    }

    /** The seat of the second bearing of a pair; null when the hub is none. */
    public function secondOfPair(): ?PressedSeat
    {
        $key = $this->findings->sizes->first->other()->value;

        return ! $this->bench->isPair()
            ? null
            : array_values(array_filter($this->seats(), static fn (PressedSeat $s): bool => $s->key === $key))[0] ?? null;
    }

    /** Whether it is the second bearing of a pair with a spacer tube. */
    public function isSecondOfPair(PressedSeat $seat): bool
    {
        return $this->secondOfPair()?->key === $seat->key;
    }

    /** Depth in mm of the shoulder it comes to stand on; null when it has none, or nobody read it. */
    public function ledge(PressedSeat $seat): ?Reading
    {
        return $this->isFirstOfPair($seat)
            ? $this->bench->notebook->reading(Places::LEDGE_DEPTH, Instrument::DepthCaliper)
            : $this->bench->notebook->reading(PlacesOf::seat($seat->key, 'ledge'), Instrument::DepthCaliper);
    }

    /** Depth at which a ring stands on its ledge; null while the ledge was not measured. */
    public function homeDepth(PressedSeat $seat): ?Length
    {
        $ledge = $this->ledge($seat);

        return $ledge === null
            ? null
            : HomeDepth::on($ledge, $seat->width, $this->bench->notebook->reading(PlacesOf::newWidth($seat->key)))->depth();
    }

    /** How far down the driver goes, in mm. */
    public function reach(PressedSeat $seat): Length
    {
        if ($this->isFirstOfPair($seat)) {
            return Length::mm(max(0.0, $this->homeDepth($seat)->mm ?? $this->findings->sizes->ledgeDepth->mm - $seat->width->mm));
        }
        $housing = $this->bench->hub->stack->one(PartKind::Housing);
        if ($seat->seat === RingSeat::Bore) {
            $ledge =
                $this->ledge($seat)->value->mm ??
                ($housing?->mm('ledge_'.($seat->part->side === Side::Right ? 'right' : 'left')) ?? 0.0);

            return Length::mm(max(0.0, $ledge - $seat->width->mm));
        }
        $layout = $this->bench->hub->layout();
        [$from, $to] = $layout->at[$seat->part->id] ?? [0.0, 0.0];

        return Length::mm(max(0.0, $seat->part->side === Side::Right ? $layout->axleTo - $to : $from - $layout->axleFrom));
    }

    /** Ledge to ledge: measured, or from the hub over its faces and the depth of both. */
    public function span(): ?Reading
    {
        $measured = $this->bench->notebook->reading(Places::LEDGE_SPAN);
        $faces = $this->bench->notebook->reading(Places::OVER_FACES);
        $second = $this->secondOfPair();
        [$one, $two] = [
            $this->bench->notebook->reading(Places::LEDGE_DEPTH, Instrument::DepthCaliper),
            $second === null ? null : $this->ledge($second),
        ];
        if ($measured !== null || $faces === null || $one === null || $two === null) {
            return $measured;
        }

        return Reading::of(
            Length::mm($faces->value->mm - $one->value->mm - $two->value->mm),
            Length::mm(sqrt($faces->halfWidth->mm ** 2 + $one->halfWidth->mm ** 2 + $two->halfWidth->mm ** 2)),
        );
    }
}
