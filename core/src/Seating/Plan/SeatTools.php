<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Drivers\DriverChoice;
use CleanRace\Core\Mechanics\Drivers\DriverChoiceResult;
use CleanRace\Core\Mechanics\Drivers\DriverRules;
use CleanRace\Core\Mechanics\Drivers\DriverWay;
use CleanRace\Core\Mechanics\Drivers\RingFace;
use CleanRace\Core\Mechanics\Drivers\SupportChoice;
use CleanRace\Core\Mechanics\Drivers\SupportChoiceResult;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Push;
use CleanRace\Core\Sizing\Plan\PressedSeat;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\Tool;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Tooling\WallTool;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** What each seat is made with: drivers from the wall, what the hub stands on, the way it goes in. */
final class SeatTools
{
    /** How far a driver stands out of the hub when none is chosen, in mm. */
    private const USUAL_DRIVER = 60.0;

    /** A tool that nobody measured the length of is taken to reach, in mm. */
    private const LONG = 1000.0;

    /** What a hub may stand on. */
    private const STAND = [ToolKind::StandRing, ToolKind::Pipe, ToolKind::Cup];

    /** @var array<string, DriverChoiceResult> worked out once, by seat */
    private array $drivers = [];

    public function __construct(private readonly Limits $limits, private readonly Bench $bench, private readonly SeatOrder $order)
    {
    }

    /** Every driver of the wall judged for this seat, the best first. */
    public function driver(PressedSeat $seat): DriverChoiceResult
    {
        return $this->drivers[$seat->key] ??= $this->workDriver($seat);
    }

    private function workDriver(PressedSeat $seat): DriverChoiceResult
    {
        return (new DriverChoice($this->limits))->among(
            $this->face($seat),
            DriverWay::pushing($this->order->push($seat)),
            $this->order->reach($seat),
            $this->bench->tools,
            axle: $this->axleThrough($seat),
        );
    }

    private function rules(PressedSeat $seat): DriverRules
    {
        return new DriverRules(
            $this->limits,
            $this->face($seat),
            DriverWay::pushing($this->order->push($seat)),
            $this->order->reach($seat),
            null,
            $this->axleThrough($seat),
        );
    }

    /** The axle that runs through a bearing while it is pushed by both rings. */
    private function axleThrough(PressedSeat $seat): ?Length
    {
        return $this->order->push($seat) === Push::Both ? $seat->bore : null;
    }

    private function face(PressedSeat $seat): RingFace
    {
        return in_array($seat->part->kind, [PartKind::TaperCup, PartKind::Cup], true)
            ? RingFace::cup($seat->outside, $seat->bore)
            : RingFace::of($this->limits, $seat->bore, $seat->outside, $seat->thin);
    }

    /**
     * What is said of the driver that is taken, or of the best one while none is. Decided here, read everywhere.
     *
     * @return Verdict stop when nothing on the wall will do and nothing else is named
     */
    public function driverVerdict(PressedSeat $seat): Verdict
    {
        $place = $this->driverPlace($seat);
        $chosen = $this->bench->notebook->choice($place);
        $other = OtherDriver::tryFrom($chosen ?? '');
        if ($other !== null) {
            $measured = $other->hasSizes() ? $this->otherTool($place, $other) : null;

            return $measured === null ? $other->verdict() : OtherDriver::measured($this->rules($seat)->judge($measured));
        }
        $choice = $this->driver($seat);
        foreach ($choice->tools as $tool) {
            if ($tool->id === $chosen && $chosen !== $choice->best) {
                return OtherDriver::measured($tool);
            }
        }

        return $choice->verdict;
    }

    /** Whether somebody named what the ring is driven with, and it is still there to be judged. */
    public function isNamed(PressedSeat $seat): bool
    {
        $chosen = $this->bench->notebook->choice($this->driverPlace($seat)) ?? '';

        return OtherDriver::tryFrom($chosen) !== null ||
            array_filter($this->bench->tools, static fn (Tool $t): bool => $t->id === $chosen) !== [];
    }

    /** A tool that does not hang on the wall, by the sizes that were read of it; null while they were not. */
    private function otherTool(string $place, OtherDriver $kind): ?Tool
    {
        $outside = $this->bench->notebook->length("$place.outside");
        $opening = $this->bench->notebook->length("$place.opening");

        return $outside === null || ($opening !== null && $opening->mm >= $outside->mm)
            ? null
            : new Tool($kind->value, Message::within($kind->label()), ToolKind::Cup, $outside, $opening, Length::mm(self::LONG));
    }

    /** Where the choice of a driver for this seat is kept; seats of one size share it. */
    public function driverPlace(PressedSeat $seat): string
    {
        foreach ($this->order->seats() as $i => $other) {
            if ($this->sameDriver($other, $seat)) {
                return $i === 0 ? Places::DRIVER : PlacesOf::seat($other->key, 'driver');
            }
        }

        return Places::DRIVER;
    }

    /** The driver that was chosen; null when none was, or its sizes are not known. */
    public function chosenDriver(PressedSeat $seat): ?Tool
    {
        $place = $this->driverPlace($seat);
        $id = $this->bench->notebook->choice($place) ?? $this->driver($seat)->best;
        $other = OtherDriver::tryFrom($id ?? '');
        if ($other !== null) {
            return $other->hasSizes() ? $this->otherTool($place, $other) : null;
        }

        return array_values(array_filter($this->bench->tools, static fn (Tool $t): bool => $t->id === $id))[0] ?? null;
    }

    /** @return list<SeatDriver> one for each face that asks for a driver of its own */
    public function drivers(): array
    {
        $seats = [];
        foreach ($this->order->seats() as $seat) {
            $seats[$this->driverPlace($seat)][] = $seat;
        }
        $drivers = [];
        foreach ($seats as $place => $same) {
            $drivers[] = new SeatDriver(
                $place,
                array_map(static fn (PressedSeat $s): string => $s->part->id, $same),
                $this->order->push($same[0]),
                $this->driver($same[0]),
                $this->chosenDriver($same[0]),
            );
        }

        return $drivers;
    }

    /** What the hub stands on while this ring goes in. */
    public function support(PressedSeat $seat): SupportChoiceResult
    {
        $housing = $this->bench->hub->stack->one(PartKind::Housing);
        $axle = $this->bench->hub->stack->one(PartKind::Axle);
        $axleIn = $axle !== null && $this->bench->tray->state($axle->id) === PartState::Fitted;
        $hangs = $axleIn && $housing !== null ? max(0.0, ($axle->mm('length') - $housing->mm('length')) / 2) : 0.0;
        $rings = array_values(
            array_filter(
                array_map(
                    static fn (WallTool $t): ?Tool => in_array($t->kind, self::STAND, true) &&
                    $t->outside !== null &&
                    $t->opening !== null &&
                    $t->length !== null
                        ? new Tool($t->id, $t->name, $t->kind, $t->outside, $t->opening, $t->length)
                        : null,
                    $this->bench->wall,
                ),
            ),
        );

        return (new SupportChoice($this->limits))->among(
            $seat->outside,
            Length::mm(max($seat->outside->mm + 1, $housing?->mm('outside') ?? 0.0)),
            Length::mm($hangs),
            $rings,
        );
    }

    /** Press, draw bolt or hammer, as it was chosen. */
    public function way(PressedSeat $seat): Verdict
    {
        return (new WayChoice($this->limits, $this->bench))->verdict(
            $seat,
            WayIn::tryFrom($this->bench->notebook->choice(Places::WAY_IN) ?? ''),
            $this->chosenDriver($seat)->length ?? Length::mm(self::USUAL_DRIVER),
        );
    }

    private function sameDriver(PressedSeat $one, PressedSeat $other): bool
    {
        return abs($one->bore->mm - $other->bore->mm) < 0.01 &&
            abs($one->outside->mm - $other->outside->mm) < 0.01 &&
            $this->order->push($one) === $this->order->push($other) &&
            $one->thin === $other->thin;
    }
}
