<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Hub\Drawing\Standing;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Measure\Torque;
use CleanRace\Core\Mechanics\Squareness\SquareResult;
use CleanRace\Core\Mechanics\Warmth\HeatClock;
use CleanRace\Core\Mechanics\Warmth\HeatClockInput;
use CleanRace\Core\Mechanics\Warmth\HubMass;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Seating\Home\AxleTurns;
use CleanRace\Core\Seating\Home\DepthBefore;
use CleanRace\Core\Seating\Home\Home;
use CleanRace\Core\Seating\Home\HomeInput;
use CleanRace\Core\Seating\Home\HomeResult;
use CleanRace\Core\Seating\Press\ForceWatch;
use CleanRace\Core\Seating\Press\ForceWatchInput;
use CleanRace\Core\Sizing\Plan\Findings;
use CleanRace\Core\Sizing\Plan\PressedSeat;
use CleanRace\Core\Sizing\Plan\SizingRun;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Tooling\WallTool;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Verdict;

/** Runs the seating calculators on what a job's notebook holds, seat by seat. */
final class SeatingRun
{
    private const USUAL_ROOM_C = 20.0;

    /** @var array<string, ?HomeResult> worked out once, by seat */
    private array $homes = [];

    public readonly SeatOrder $order;

    public readonly SeatTools $tools;

    public readonly PairRun $pair;

    private readonly SeatReadings $readings;

    private readonly SeatDepths $depths;

    public function __construct(private readonly Limits $limits, private readonly Bench $bench, private readonly Findings $findings)
    {
        $this->readings = new SeatReadings($bench->notebook);
        $this->order = new SeatOrder($limits, $bench, $findings);
        $this->tools = new SeatTools($limits, $bench, $this->order);
        $this->depths = new SeatDepths($limits, $this->readings, $this->order);
        $this->pair = new PairRun($limits, $bench, $findings, $this->order, $this->readings, $this->depths);
    }

    /** @param  string  $stage `start` or `home` */
    public function square(PressedSeat $seat, string $stage): ?SquareResult
    {
        return $this->depths->square($seat, $stage);
    }

    /** Whether the ring stands on its shoulder; null while nothing was read or felt. */
    public function home(PressedSeat $seat): ?HomeResult
    {
        return array_key_exists($seat->key, $this->homes)
            ? $this->homes[$seat->key]
            : ($this->homes[$seat->key] = $this->workHome($seat));
    }

    private function workHome(PressedSeat $seat): ?HomeResult
    {
        $depth = $this->depths->meanDepth($seat, 'home');
        $signs = $this->readings->signs($seat->key);
        $ledge = $this->order->ledge($seat);
        if ($signs === [] && ($depth === null || $ledge === null)) {
            return null;
        }
        $sizes = $this->findings->sizes;
        $groove = $this->order->isFirstOfPair($seat) && in_array('groove_edge', $sizes->measured, true) ? $sizes->grooveEdge : null;
        try {
            return (new Home($this->limits))->work(
                new HomeInput(
                    $seat->width,
                    $ledge,
                    $depth,
                    $this->bench->notebook->reading(PlacesOf::newWidth($seat->key)),
                    $this->square($seat, 'home')?->tilt,
                    $signs,
                    $groove,
                    goneOn: $this->isLeft($seat),
                ),
            );
        } catch (InvalidInput) {
            return null;
        }
    }

    /** Whether the ring at a seat is down where it belongs: on its ledge, or for a second bearing on the sleeve. */
    public function isHome(PressedSeat $seat): bool
    {
        if (! $this->order->isSecondOfPair($seat)) {
            $home = $this->home($seat);

            return $home === null ? $this->axleTurns($seat) === AxleTurns::Free : $home->verdict->level === Level::Go;
        }
        $own = $this->findings->sizes->twoLedges ? $this->home($seat)?->verdict->level : null;

        return $this->pair->second()?->level === Level::Go && in_array($own, [null, Level::Go], true);
    }

    /** Whether a depth, a sign of the hand or a look tells where it stands. */
    public function isSeen(PressedSeat $seat): bool
    {
        return $this->readings->mean($seat->key, 'home') !== null ||
            $this->readings->eye($seat->key, 'home') !== null ||
            $this->readings->signs($seat->key) !== [] ||
            $this->axleTurns($seat) !== null ||
            ($this->order->isSecondOfPair($seat) && $this->readings->feel() !== []);
    }

    /** Whether work went on after it: it is said to be in, its ring was tried, or the second was begun. */
    public function isLeft(PressedSeat $seat): bool
    {
        $second = $this->order->isFirstOfPair($seat) ? $this->order->secondOfPair() : null;

        return $this->bench->tray->state($seat->part->id) === PartState::Fitted ||
            ($this->order->isFirstOfPair($seat) && $this->bench->notebook->has(Places::RING_SEATED)) ||
            ($second !== null &&
                ($this->readings->mean($second->key, 'start') !== null || $this->readings->eye($second->key, 'start') !== null));
    }

    /** Home, and nothing says that it stands askew. */
    public function isProven(PressedSeat $seat): bool
    {
        return $this->isHome($seat) && in_array($this->square($seat, 'home')?->verdict->level, [null, Level::Go], true);
    }

    /** A bearing against the depth at which it stood before it came apart; null while either was not read. */
    public function depthBefore(PressedSeat $seat): ?DepthBefore
    {
        $place = $this->order->put($seat)?->depthBefore;
        $now = $this->depths->meanDepth($seat, 'home');
        $before = $place === null ? null : $this->bench->notebook->reading($place, Instrument::DepthCaliper);
        if ($now === null || $before === null || $this->readings->isLevelled($seat->key)) {
            return null;
        }
        $doubt = $this->bench->notebook->has(PlacesOf::newWidth($seat->key)) ? 1 : 2;

        return new DepthBefore($now, $before, Length::mm($doubt * $this->limits->get('home.over')));
    }

    /** How the axle turns by hand once a bearing was driven over it; null while nobody said. */
    public function axleTurns(PressedSeat $seat): ?AxleTurns
    {
        return $this->readings->axleTurns($seat->key);
    }

    /** Depth at which a ring stands on its ledge, where that is known; else null. */
    public function homeDepth(PressedSeat $seat): ?Length
    {
        return $this->order->homeDepth($seat);
    }

    /** What is known of a row of loose balls. */
    public function balls(Part $part): BallRow
    {
        $others = array_filter(
            $this->bench->hub->stack->line(),
            static fn (Part $p): bool => $p->kind === PartKind::Balls && $p->id !== $part->id,
        );

        return BallRow::of($this->limits, $part, array_values($others)[0] ?? null, $this->bench->notebook);
    }

    /** @return list<BallRow> of every row of loose balls */
    public function ballRows(): array
    {
        return array_map(
            $this->balls(...),
            array_values(array_filter($this->bench->hub->stack->line(), static fn (Part $p): bool => $p->kind === PartKind::Balls)),
        );
    }

    /** What gauge or wrench shows at this seat, against what was reckoned of it. */
    public function watch(PressedSeat $seat): ?Verdict
    {
        $shown = $this->readings->gauge($seat->key);
        if ($shown === null || $seat->force === null || $seat->force->forceHigh->newtons < 1) {
            return null;
        }
        try {
            return (new ForceWatch($this->limits))->work(
                new ForceWatchInput(
                    $seat->force->forceLow,
                    $seat->force->forceHigh,
                    $shown instanceof Force ? $shown : null,
                    $shown instanceof Pressure ? $shown : null,
                    $this->ram(),
                    $shown instanceof Torque ? $shown : null,
                    $this->bench->drawBolt,
                    toGo: $this->home($seat)?->toGo,
                ),
            )->verdict;
        } catch (InvalidInput) {
            return null;
        }
    }

    /** Seconds that a warmed hub leaves, from its temperature as it was read. */
    public function heatClock(PressedSeat $seat): ?Verdict
    {
        $hub = $this->bench->notebook->temperature(Places::HUB_TEMPERATURE);
        $housing = $this->bench->hub->stack->one(PartKind::Housing);
        if ($hub === null || $seat->fit === null || $seat->fit->loose || $seat->seat === RingSeat::Shaft || $housing === null) {
            return null;
        }
        try {
            return (new HeatClock($this->limits))->work(
                new HeatClockInput(
                    $hub,
                    $this->bench->notebook->temperature(Places::ROOM) ?? Temperature::celsius(self::USUAL_ROOM_C),
                    $seat->outside,
                    $seat->fit->decided,
                    HubMass::tryFrom($this->bench->notebook->choice(Places::HUB_MASS) ?? '') ?? HubMass::ofHousing($housing),
                    SizingRun::material($this->bench),
                ),
            )->verdict;
        } catch (InvalidInput) {
            return null;
        }
    }

    /** @return array<string, Standing> how bearings stand by the last depths read of them, by part: at home, else while going in */
    public function standing(): array
    {
        $standing = [];
        foreach ($this->order->seats() as $seat) {
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

    private function ram(): ?Length
    {
        $presses = array_filter($this->bench->wall, static fn (WallTool $t): bool => $t->kind === ToolKind::Press && $t->ram !== null);

        return array_values($presses)[0]->ram ?? null;
    }
}
