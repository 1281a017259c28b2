<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Hub\HubSizes;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\Places;
use CleanRace\Core\Hub\Push;
use CleanRace\Core\Hub\Put;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Standing;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Sizing\Finder;
use CleanRace\Core\Sizing\Findings;
use CleanRace\Core\Sizing\PressedSeat;
use CleanRace\Core\Sizing\PressFit;
use CleanRace\Core\Sizing\PressFitInput;
use CleanRace\Core\Sizing\PressForceResult;
use CleanRace\Core\Sizing\Seats;
use CleanRace\Core\Tooling\Bench;
use CleanRace\Core\Tooling\Tool;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Tooling\WallTool;
use CleanRace\Core\Verdict\Limits;
use CleanRace\Core\Verdict\Verdict;

/** Runs the seating calculators on what a job's notebook holds, seat by seat. */
final class Progress
{
    private const USUAL_ROOM_C = 20.0;

    /** How far a driver stands out of the hub when none is chosen, in mm. */
    private const USUAL_DRIVER = 60.0;

    /** What a hub may stand on. */
    private const STAND = [ToolKind::StandRing, ToolKind::Pipe, ToolKind::Cup];

    /** @var ?list<PressedSeat> */
    private ?array $seats = null;

    /** @var array<string, ?SquareResult> worked out once, by seat and stage */
    private array $squares = [];

    /** @var array<string, ?HomeResult> worked out once, by seat */
    private array $homes = [];

    /** @var array<string, DriverChoiceResult> worked out once, by seat */
    private array $drivers = [];

    private readonly SeatReadings $readings;

    public function __construct(private readonly Limits $limits, private readonly Bench $bench, private readonly Findings $findings)
    {
        $this->readings = new SeatReadings($bench->notebook);
    }

    /** @return list<PressedSeat> in the order in which they are made; what was left in its place is not among them */
    public function seats(): array
    {
        if ($this->seats !== null) {
            return $this->seats;
        }
        $seats = array_values(array_filter((new Seats($this->limits))->all($this->bench, $this->findings), fn (PressedSeat $s): bool => $this->bench->tray->state($s->part->id) !== PartState::Stays));
        $order = array_flip(array_map(static fn (Put $put): string => $put->part, $this->bench->pattern->assembly($this->bench->hub->first)));
        usort($seats, static fn (PressedSeat $a, PressedSeat $b): int => [$order[$a->part->id] ?? 99, $a->seat === RingSeat::Shaft] <=> [$order[$b->part->id] ?? 99, $b->seat === RingSeat::Shaft]);

        return $this->seats = $seats;
    }

    /** Which ring is pushed, as the pattern says it or by whose fit is made. */
    public function push(PressedSeat $seat): Push
    {
        foreach ($this->bench->pattern->assembly($this->bench->hub->first) as $put) {
            if ($put->part === $seat->part->id && $put->push !== null) {
                return $put->push;
            }
        }

        return $seat->push();
    }

    /** @param  string  $stage `start` or `home` */
    public function square(PressedSeat $seat, string $stage): ?SquareResult
    {
        $key = $seat->key.'.'.$stage;

        return array_key_exists($key, $this->squares) ? $this->squares[$key] : $this->squares[$key] = $this->workSquare($seat, $stage);
    }

    private function workSquare(PressedSeat $seat, string $stage): ?SquareResult
    {
        $depths = $this->readings->depths($seat->key, $stage);
        $eye = $this->readings->eye($seat->key, $stage);
        $enough = count($depths) >= SquareInput::LEAST_READINGS;
        if (! $enough && $eye === null) {
            return null;
        }
        try {
            return (new Square($this->limits))->work(new SquareInput(
                $seat->bore, $seat->outside, $enough ? $depths : [], $stage === 'home' ? SquareStage::Home : SquareStage::Entering, $eye, $this->readings->eyeClock($seat->key, $stage), $this->readings->isLevelled($seat->key) ? $this->readings->depths($seat->key, 'ref') : [],
            ));
        } catch (Nonsense) {
            return null;
        }
    }

    public function home(PressedSeat $seat): ?HomeResult
    {
        return array_key_exists($seat->key, $this->homes) ? $this->homes[$seat->key] : $this->homes[$seat->key] = $this->workHome($seat);
    }

    private function workHome(PressedSeat $seat): ?HomeResult
    {
        $depth = $this->meanDepth($seat, 'home');
        $signs = $this->readings->signs($seat->key);
        $ledge = $this->ledge($seat);
        if ($signs === [] && ($depth === null || $ledge === null)) {
            return null;
        }
        $sizes = $this->findings->sizes;
        $groove = $this->isFirstOfPair($seat) && in_array('groove_edge', $sizes->measured, true) ? $sizes->grooveEdge : null;
        try {
            return (new Home($this->limits))->work(new HomeInput($seat->width, $ledge, $depth, $this->bench->notebook->reading("source.{$seat->key}.width"), $this->square($seat, 'home')?->tilt, $signs, $groove));
        } catch (Nonsense) {
            return null;
        }
    }

    /** Depth at which a ring stands on its ledge, where that is known; else null. */
    public function homeDepth(PressedSeat $seat): ?Length
    {
        $ledge = $this->ledge($seat);

        return $ledge === null ? null : Length::mm($ledge->value->mm - $seat->width->mm);
    }

    /** The sleeve is off the tray and was seen through the hub. */
    public function sleeveIn(): bool
    {
        return $this->bench->tray->state('sleeve') !== PartState::OnTray && $this->bench->notebook->choice(Places::LOOK_THROUGH) === 'seen';
    }

    /** A pair with a sleeve: how the second bearing stands to it. */
    public function second(): ?Verdict
    {
        $seat = $this->secondOfPair();
        $feel = $this->readings->feel();
        $depth = $seat === null ? null : $this->meanDepth($seat, 'home');
        if ($seat === null || ($depth === null && $feel === [])) {
            return null;
        }
        if (! $this->sleeveIn()) {
            return SecondBearing::sleeveMissing();
        }
        $sizes = $this->findings->sizes;
        try {
            return $sizes->twoLedges ? $this->againstSpan($sizes, $feel) : (new SecondBearing($this->limits))->work(new SecondBearingInput(
                $this->bench->notebook->reading(Places::OVER_FACES), $this->firstDepth($sizes), $sizes->width($sizes->first), $this->bench->notebook->reading(Places::SLEEVE_LENGTH),
                $seat->width, $depth, $this->bench->drawBolt, $feel,
            ))->verdict;
        } catch (Nonsense) {
            return null;
        }
    }

    public function isSecondOfPair(PressedSeat $seat): bool
    {
        return $this->secondOfPair()?->key === $seat->key;
    }

    public function driver(PressedSeat $seat): DriverChoiceResult
    {
        return $this->drivers[$seat->key] ??= $this->workDriver($seat);
    }

    private function workDriver(PressedSeat $seat): DriverChoiceResult
    {
        $cup = in_array($seat->part->kind, [PartKind::TaperCup, PartKind::Cup], true);
        $face = $cup ? RingFace::cup($seat->outside, $seat->bore) : RingFace::of($this->limits, $seat->bore, $seat->outside, $seat->thin);

        return (new DriverChoice($this->limits))->among($face, DriverWay::pushing($this->push($seat)), $this->reach($seat), $this->bench->tools);
    }

    /** Where the choice of a driver for this seat is kept; seats of one size share it. */
    public function driverPlace(PressedSeat $seat): string
    {
        foreach ($this->seats() as $i => $other) {
            if ($this->sameDriver($other, $seat)) {
                return $i === 0 ? 'seat.driver' : "seat.{$other->key}.driver";
            }
        }

        return 'seat.driver';
    }

    public function chosenDriver(PressedSeat $seat): ?Tool
    {
        $id = $this->bench->notebook->choice($this->driverPlace($seat)) ?? $this->driver($seat)->best;

        return array_values(array_filter($this->bench->tools, static fn (Tool $t): bool => $t->id === $id))[0] ?? null;
    }

    /** What is known of a row of loose balls. */
    public function balls(Part $part): BallRow
    {
        return BallRow::of($this->limits, $part, $this->bench->notebook);
    }

    /** @return list<BallRow> of every row of loose balls */
    public function ballRows(): array
    {
        return array_map($this->balls(...), array_values(array_filter($this->bench->hub->stack->line(), static fn (Part $p): bool => $p->kind === PartKind::Balls)));
    }

    /** @return list<SeatDriver> one for each face that asks for a driver of its own */
    public function drivers(): array
    {
        $seats = [];
        foreach ($this->seats() as $seat) {
            $seats[$this->driverPlace($seat)][] = $seat;
        }
        $drivers = [];
        foreach ($seats as $place => $same) {
            $drivers[] = new SeatDriver($place, array_map(static fn (PressedSeat $s): string => $s->part->id, $same), $this->push($same[0]), $this->driver($same[0]), $this->chosenDriver($same[0]));
        }

        return $drivers;
    }

    public function support(PressedSeat $seat): SupportChoiceResult
    {
        $housing = $this->bench->hub->stack->one(PartKind::Housing);
        $axle = $this->bench->hub->stack->one(PartKind::Axle);
        $axleIn = $axle !== null && $this->bench->tray->state($axle->id) === PartState::Fitted;
        $hangs = $axleIn && $housing !== null ? max(0.0, ($axle->mm('length') - $housing->mm('length')) / 2) : 0.0;
        $rings = array_values(array_filter(array_map(static fn (WallTool $t): ?Tool => in_array($t->kind, self::STAND, true) && $t->outside !== null && $t->opening !== null && $t->length !== null ? new Tool($t->id, $t->name, $t->kind, $t->outside, $t->opening, $t->length) : null, $this->bench->wall)));

        return (new SupportChoice($this->limits))->among($seat->outside, Length::mm(max($seat->outside->mm + 1, $housing?->mm('outside') ?? 0.0)), Length::mm($hangs), $rings);
    }

    public function way(PressedSeat $seat): Verdict
    {
        return (new WayChoice($this->limits, $this->bench))->verdict($seat, WayIn::tryFrom($this->bench->notebook->choice('size.way') ?? ''), $this->chosenDriver($seat)->length ?? Length::mm(self::USUAL_DRIVER));
    }

    /** What gauge or wrench shows at this seat, against what was reckoned of it. */
    public function watch(PressedSeat $seat): ?Verdict
    {
        $shown = $this->readings->gauge($seat->key);
        if ($shown === null || $seat->force === null || $seat->force->forceHigh->newtons < 1) {
            return null;
        }
        try {
            return (new ForceWatch($this->limits))->work(new ForceWatchInput(
                $seat->force->forceLow, $seat->force->forceHigh, $shown instanceof Force ? $shown : null, $shown instanceof Pressure ? $shown : null, $this->ram(),
                $shown instanceof Torque ? $shown : null, $this->bench->drawBolt, toGo: $this->home($seat)?->toGo,
            ))->verdict;
        } catch (Nonsense) {
            return null;
        }
    }

    /** Seconds that a warmed hub leaves, from its temperature as it was read. */
    public function heatClock(PressedSeat $seat): ?Verdict
    {
        $hub = $this->bench->notebook->temperature('seat.hub_temperature');
        $housing = $this->bench->hub->stack->one(PartKind::Housing);
        if ($hub === null || $seat->fit === null || $seat->seat === RingSeat::Shaft || $housing === null) {
            return null;
        }
        try {
            return (new HeatClock($this->limits))->work(new HeatClockInput(
                $hub, $this->bench->notebook->temperature(Places::ROOM) ?? Temperature::celsius(self::USUAL_ROOM_C), $seat->outside, $seat->fit->interference,
                HubMass::tryFrom($this->bench->notebook->choice('seat.hub_mass') ?? '') ?? HubMass::ofHousing($housing), Finder::material($this->bench),
            ))->verdict;
        } catch (Nonsense) {
            return null;
        }
    }

    /** What is reckoned of pressing the ring at a seat; null when there is no such seat. */
    public function pressSetup(string $key): ?PressSetup
    {
        $seat = array_values(array_filter($this->seats(), static fn (PressedSeat $s): bool => $s->key === $key))[0] ?? null;
        if ($seat === null) {
            return null;
        }
        $grip = max(1.0, $seat->width->mm - 2 * Bearing::usualCorner($seat->bore, $seat->outside, $seat->width)->mm);
        $sizes = $this->findings->sizes;
        $second = $this->isSecondOfPair($seat);
        $home = match (true) {
            $second && ! $sizes->twoLedges => $sizes->secondRest()->mm + $seat->width->mm,
            default => $this->reach($seat)->mm + $seat->width->mm,
        };
        $force = $seat->force ?? $this->usualForce($seat);

        return new PressSetup($seat->key, $seat->part->id, Length::mm($grip), Length::mm(max($grip, $home)), $force->forceLow ?? Force::newtons(0), Force::newtons(max(1.0, $force->forceHigh->newtons ?? $this->limits->get('force.alarm_floor_n'))), $second && ! $sizes->twoLedges, $seat->force !== null);
    }

    /** As makers fit such rings, where nobody measured this one. */
    private function usualForce(PressedSeat $seat): ?PressForceResult
    {
        $housing = $this->bench->hub->stack->one(PartKind::Housing);
        try {
            return (new PressFit($this->limits))->work(new PressFitInput(
                bore: $seat->bore, outside: $seat->outside, width: $seat->width, seat: $seat->seat, hubOutside: $seat->seat === RingSeat::Bore ? $housing?->sizes['outside'] : null,
                material: $seat->seat === RingSeat::Bore ? Finder::material($this->bench) : null,
            ))->force;
        } catch (Nonsense) {
            return null;
        }
    }

    /** @return array<string, Standing> how bearings stand by the last depths read of them, by part: at home, else while going in */
    public function standing(): array
    {
        $standing = [];
        foreach ($this->seats() as $seat) {
            foreach (['home', 'start'] as $stage) {
                $square = $this->square($seat, $stage);
                $mean = $this->readings->mean($seat->key, $stage);
                if ($square?->meanDepth !== null && $mean !== null && $seat->seat === RingSeat::Bore) {
                    $standing[$seat->part->id] ??= new Standing($mean->value, $square->angle, $square->highSide);
                }
            }
        }

        return $standing;
    }

    private function meanDepth(PressedSeat $seat, string $stage): ?Reading
    {
        $mean = $this->readings->mean($seat->key, $stage);
        $plane = $this->readings->isLevelled($seat->key) ? null : $this->square($seat, $stage)?->meanDepth;

        return $mean === null ? null : Reading::of($plane ?? $mean->value, $mean->instrument ?? $mean->halfWidth);
    }

    private function ledge(PressedSeat $seat): ?Reading
    {
        return $this->isFirstOfPair($seat)
            ? $this->bench->notebook->reading(Places::LEDGE_DEPTH, Instrument::DepthCaliper)
            : $this->bench->notebook->reading("seat.{$seat->key}.ledge", Instrument::DepthCaliper);
    }

    /** How far down the driver goes, in mm. */
    private function reach(PressedSeat $seat): Length
    {
        if ($this->isFirstOfPair($seat)) {
            return Length::mm(max(0.0, $this->findings->sizes->homeDepth()->mm));
        }
        $housing = $this->bench->hub->stack->one(PartKind::Housing);
        if ($seat->seat === RingSeat::Bore) {
            $ledge = $this->ledge($seat)->value->mm ?? $housing?->mm('ledge_'.($seat->part->side === Side::Right ? 'right' : 'left')) ?? 0.0;

            return Length::mm(max(0.0, $ledge - $seat->width->mm));
        }
        $layout = $this->bench->hub->layout();
        [$from, $to] = $layout->at[$seat->part->id] ?? [0.0, 0.0];

        return Length::mm(max(0.0, $seat->part->side === Side::Right ? $layout->axleTo - $to : $from - $layout->axleFrom));
    }

    private function ram(): ?Length
    {
        $presses = array_filter($this->bench->wall, static fn (WallTool $t): bool => $t->kind === ToolKind::Press && $t->ram !== null);

        return array_values($presses)[0]->ram ?? null;
    }

    private function isFirstOfPair(PressedSeat $seat): bool
    {
        return $this->bench->isPair() && $seat->key === $this->findings->sizes->first->value;
    }

    private function secondOfPair(): ?PressedSeat
    {
        $key = $this->findings->sizes->first->other()->value;

        return ! $this->bench->isPair() ? null : array_values(array_filter($this->seats(), static fn (PressedSeat $s): bool => $s->key === $key))[0] ?? null;
    }

    private function sameDriver(PressedSeat $one, PressedSeat $other): bool
    {
        return abs($one->bore->mm - $other->bore->mm) < 0.01 && abs($one->outside->mm - $other->outside->mm) < 0.01 && $this->push($one) === $this->push($other) && $one->thin === $other->thin;
    }

    /** Where the first bearing stands: read, else on its ledge. */
    private function firstDepth(HubSizes $sizes): ?Reading
    {
        $ledge = $this->bench->notebook->reading(Places::LEDGE_DEPTH, Instrument::DepthCaliper);
        $first = array_values(array_filter($this->seats(), $this->isFirstOfPair(...)))[0] ?? null;
        $read = $first === null ? null : $this->meanDepth($first, 'home');

        return $read ?? ($ledge === null ? null : Reading::of($sizes->homeDepth(), $ledge->instrument ?? $ledge->halfWidth));
    }

    /** @param  list<PairFeel>  $feel */
    private function againstSpan(HubSizes $sizes, array $feel): ?Verdict
    {
        $span = $this->span();
        $sleeve = $this->bench->notebook->reading(Places::SLEEVE_LENGTH);
        $size = $sizes->bearing($sizes->first);
        if ($span === null || $sleeve === null) {
            return $feel === [] ? null : (new SecondBearing($this->limits))->work(new SecondBearingInput(feel: $feel))->verdict;
        }

        return (new SleeveLength($this->limits))->work(new SleeveLengthInput($span, $sleeve, $size->bore, $size->outside, Length::mm(max(0.0, $this->findings->clearance->leftMean->mm ?? 0.0)), $feel))->verdict;
    }

    /** Ledge to ledge: measured, or from the hub over its faces and the depth of both. */
    private function span(): ?Reading
    {
        $measured = $this->bench->notebook->reading(Places::LEDGE_SPAN);
        $faces = $this->bench->notebook->reading(Places::OVER_FACES);
        $second = $this->secondOfPair();
        [$one, $two] = [$this->bench->notebook->reading(Places::LEDGE_DEPTH, Instrument::DepthCaliper), $second === null ? null : $this->ledge($second)];
        if ($measured !== null || $faces === null || $one === null || $two === null) {
            return $measured;
        }

        return Reading::of(Length::mm($faces->value->mm - $one->value->mm - $two->value->mm), Length::mm(sqrt($faces->halfWidth->mm ** 2 + $one->halfWidth->mm ** 2 + $two->halfWidth->mm ** 2)));
    }

    /** The sleeve as it would have to be made, when the span is known. */
    public function sleeveToMake(): ?Verdict
    {
        $span = $this->span();
        $axle = $this->bench->hub->stack->one(PartKind::Axle);
        $size = $this->findings->sizes->bearing($this->findings->sizes->first);
        try {
            return $span === null || $axle === null ? null : (new SleeveToMake($this->limits))->work(new SleeveToMakeInput(Length::mm(min($size->bore->mm, $axle->mm('diameter'))), $size->bore, $size->outside, $span, thin: $size->isThin()))->verdict;
        } catch (Nonsense) {
            return null;
        }
    }
}
