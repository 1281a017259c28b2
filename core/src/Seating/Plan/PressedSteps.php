<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Mechanics\Drivers\DriverFit;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Warmth\HubMass;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Put;
use CleanRace\Core\Seating\Home\HomeSign;
use CleanRace\Core\Seating\Home\PairFeel;
use CleanRace\Core\Seating\Home\SecondBearing;
use CleanRace\Core\Seating\Press\PressShown;
use CleanRace\Core\Sizing\Plan\PressedSeat;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;

/** The steps of one pressed ring: its driver, warmth, started square, home. */
final class PressedSteps
{
    /** @var list<Step> */
    private array $steps = [];

    private bool $warmed = false;

    /** @var array<string, true> places of drivers that were asked for */
    private array $drivers = [];

    public function __construct(private readonly Bench $bench, private readonly SeatingRun $run, private readonly InTurn $turn)
    {
    }

    /**
     * @param  non-empty-list<PressedSeat>  $seats of one part: in a bore, on a shaft, or both
     * @param  list<Part>  $before what must be in before it
     * @return list<Step>
     */
    public function of(array $seats, Put $put, array $before): array
    {
        $this->steps = [];
        foreach ($seats as $seat) {
            if ($seat->seat === RingSeat::Shaft && count($seats) > 1) {
                $this->steps[] = $this->through($seat);

                continue;
            }
            $this->driver(
                $seat,
                Step::of(
                    "seat.{$seat->key}.driver",
                    'The driver for the {part}',
                    'Another size than the one before: it stands on {ring}.',
                    [
                        'part' => Message::within($seat->part->name),
                        'ring' => Message::plain($this->run->order->push($seat)->label()),
                    ],
                ),
            );
            $this->warm($seat);
            $this->start($seat, $put, $before);
            $this->home($seat, $put, $before);
        }

        return $this->steps;
    }

    /** @return list<Step> choosing the driver for the first of all */
    public function chosen(PressedSeat $seat): array
    {
        $this->steps = [];
        $this->driver(
            $seat,
            Step::of(
                'seat.driver',
                'Choose the driver',
                $seat->seat === RingSeat::Bore && $this->run->order->push($seat) === $seat->push()
                    ? 'As wide as goes into the bore freely, on the outer ring only, clear of the seal.'
                    : 'It stands on {ring}, clear of the seal.',
                ['ring' => Message::plain($this->run->order->push($seat)->label())],
            ),
        );

        return $this->steps;
    }

    private function driver(PressedSeat $seat, Step $step): void
    {
        $place = $this->run->tools->driverPlace($seat);
        if (isset($this->drivers[$place])) {
            return;
        }
        $this->drivers[$place] = true;
        $options = array_map(
            static fn (DriverFit $t): Option => new Option($t->id, $t->name),
            $this->run->tools->driver($seat)->tools,
        );
        $sizes =
            OtherDriver::tryFrom($this->bench->notebook->choice($place) ?? '')?->hasSizes() === true
                ? [
                    Ask::length("$place.outside", 'Outside of its face', wanted: false),
                    Ask::length("$place.opening", 'Opening of its face', wanted: false, hint: 'leave empty when it is solid'),
                ]
                : [];
        $step = $step
            ->with(
                why: 'Force on a ring whose fit is not being made passes through the balls and dents the tracks.',
                part: $seat->part->id,
            )
            ->on(Panel::Driver)
            ->asking(Ask::choice($place, 'Driver', [...$options, ...OtherDriver::options()]), ...$sizes)
            ->taking(2);
        $verdict = $this->run->tools->driverVerdict($seat);
        // What is home and square was driven well enough; only dents from the wrong ring are not seen by that.
        $this->steps[] = match (true) {
            $verdict->level !== Level::Stop || ! $this->run->isProven($seat) => $step->judged($verdict),
            ! $this->run->tools->isNamed($seat) => $step->judged($verdict)->advice(),
            default => $step->judged(SeatVerdicts::drivenAllTheSame()),
        };
    }

    private function warm(PressedSeat $seat): void
    {
        if ($this->warmed || $seat->seat === RingSeat::Shaft) {
            return;
        }
        $this->warmed = true;
        $heat = $seat->heat;
        $this->steps[] = ($heat === null || $heat->rise->kelvin <= 0
            ? Step::of('seat.warm', 'Warm the hub, or not', 'Not needed where the bearing starts by hand. Warmth helps any tight fit.')
            : Step::of('seat.warm', 'Hub to {t}', 'Then the bearing drops in, or takes little force. Warm the hub, not the bearing.', [
                't' => $heat->target,
            ])
        )
            ->with(
                tool: 'Hot-air gun, thermometer',
                caution: 'Gloves; no solvent or its vapour; never past what paint and rubber bear. Bearings never over 80 °C when sealed.',
                part: $seat->part->id,
            )
            ->on(Panel::HeatClock)
            ->asking(
                Ask::choice(Places::WARMED, 'Hub', Option::of(['warm' => 'Warm', 'cold' => 'Left cold'])),
                Ask::heat(Places::HUB_TEMPERATURE, 'Hub reads'),
                Ask::choice(Places::HUB_MASS, 'How heavy, when it is not as drawn', Option::each(HubMass::class), wanted: false),
            )
            ->judged($this->run->heatClock($seat), $heat?->verdict)
            ->advice()
            ->taking(2, $heat === null || $heat->rise->kelvin <= 0 ? 0 : 5);
    }

    /** @param  list<Part>  $before */
    private function start(PressedSeat $seat, Put $put, array $before): void
    {
        $square = $this->run->square($seat, 'start')?->verdict;
        $second = $this->run->order->isSecondOfPair($seat);
        $sleeve = $second && $square !== null && ! $this->run->pair->sleeveIn() ? SecondBearing::sleeveMissing() : null;
        $isPair = $this->bench->isPair() && $seat->part->kind->isCartridge();
        $title = $isPair ? ($second ? 'Start the second bearing square' : 'Start the first bearing square') : 'Start it square: {part}';
        $words = $put->words;
        $onShaft = $seat->seat === RingSeat::Shaft;
        $detail = [
            $words['detail'] ??
            ($onShaft
                ? 'By hand over the lead, then light taps all round on the inner ring.'
                : 'By hand, wiggle until it feels level. Light taps all round. Read from the hub face to the outer ring, or look '
                    .'across it.'),
            $seat->key === $this->run->order->seats()[0]->key ? null : $words['support'] ?? null,
        ];
        $step = Step::of("seat.{$seat->key}.start", $title, Message::listed(array_filter($detail), ' '), [
            'part' => Message::within($seat->part->name),
        ])
            ->with(
                tool: $words['tool'] ?? null,
                why: $words['why'] ?? null,
                caution: $words['caution'] ?? 'Never force a cocked ring straight: drive it back out.',
                part: $seat->part->id,
            )
            ->on(Panel::Clock)
            ->asking(...SeatAsks::clock($seat->key, 'start'), ...SeatAsks::face($seat->key, $this->bench->notebook))
            ->asking(Ask::choice(Places::feel($seat->key), 'How it goes in', Option::each(FitFeel::class))->borrowed())
            ->judged($sleeve, $square)
            ->taking(4);
        $step = $this->turn->inTurn($step, $before, $square !== null);
        $this->steps[] = $this->run->isHome($seat) && $sleeve === null ? $step->advice() : $step;
    }

    /** @param  list<Part>  $before */
    private function home(PressedSeat $seat, Put $put, array $before): void
    {
        $second = $this->run->order->isSecondOfPair($seat);
        $fitted = Ask::part($seat->part, PartState::Fitted);
        $depth = $this->run->homeDepth($seat);
        $words = $put->words;
        $watch = [
            Ask::gauge(Places::seat($seat->key, 'gauge'), 'Gauge or wrench shows'),
            Ask::choice(Places::seat($seat->key, 'press'), 'The press', Option::each(PressShown::class), wanted: false),
        ];
        $press = PressShown::tryFrom($this->bench->notebook->choice(Places::seat($seat->key, 'press')) ?? '')?->verdict();
        if ($second) {
            $this->steps[] = $this->turn->inTurn(
                Step::of(
                    "seat.{$seat->key}.home",
                    'The second, just to the sleeve',
                    'Its inner ring comes to rest on the sleeve. Creep the last part by hand: a bite of the draw nut, back off, try '
                        .'the sleeve.',
                )
                    ->with(
                        tool: 'Draw bolt, by hand',
                        why: 'Too far squeezes the pair, and it cannot be drawn back.',
                        part: $seat->part->id,
                    )
                    ->on(Panel::Clock)
                    ->asking(
                        ...[
                            ...SeatAsks::clock($seat->key, 'home'),
                            Ask::depth(
                                Places::seat($seat->key, 'ledge'),
                                'Face to ledge on this side, when there is one',
                                wanted: false,
                            ),
                            Ask::choices(Places::PAIR_FEEL, 'How the pair feels', Option::each(PairFeel::class), wanted: false),
                            ...$watch,
                            $fitted,
                        ],
                    )
                    ->judged(
                        $this->run->pair->second(),
                        $this->run->oldDepth($seat),
                        $this->run->square($seat, 'home')?->verdict,
                        $this->run->watch($seat),
                        $press,
                    )
                    ->taking(6, $this->cure($seat)),
                $before,
                $this->turn->isIn($seat->part),
            );

            return;
        }
        $ledge = $this->bench->isPair()
            ? []
            : [Ask::depth(Places::seat($seat->key, 'ledge'), 'Face to ledge, measured before', wanted: false)];
        $detail = [
            $words['home'] ??
            'The note goes dull and low, the handle stiffens at once. Stop at the first sharp rise, whatever the gauge says.',
            $depth === null ? null : Message::of('seat.home.stands', 'It stands {depth} below the face then.', ['depth' => $depth]),
        ];
        $this->steps[] = $this->turn->inTurn(
            Step::of(
                "seat.{$seat->key}.home",
                $seat->seat === RingSeat::Shaft
                    ? 'Up to its shoulder'
                    : ($this->bench->isPair()
                        ? 'Down to its ledge'
                        : 'Down to its ledge: {part}'),
                Message::listed(array_filter($detail), ' '),
                ['part' => Message::within($seat->part->name)],
            )
                ->with(tool: 'The driver; feeler', find: 'The ring groove shows in full.', part: $seat->part->id)
                ->on(Panel::Clock)
                ->asking(
                    ...[
                        ...SeatAsks::clock($seat->key, 'home'),
                        ...$ledge,
                        Ask::choices(
                            Places::seat($seat->key, 'home', 'signs'),
                            'What hands and ears tell',
                            Option::each(HomeSign::class),
                            wanted: false,
                        ),
                        ...$watch,
                        $fitted,
                    ],
                )
                ->judged(
                    $this->run->home($seat)?->verdict,
                    $this->run->oldDepth($seat),
                    $this->run->square($seat, 'home')?->verdict,
                    $this->run->watch($seat),
                    $press,
                )
                ->taking(4, $this->cure($seat)),
            $before,
            $this->turn->isIn($seat->part),
        );
    }

    /** Minutes for which a retaining compound is left alone, where the ring is glued in. */
    private function cure(PressedSeat $seat): int
    {
        return $this->bench->notebook->choice(Places::remedy($seat->key)) === 'compound'
            ? (int) (60 * max(0.0, ...array_map(floatval(...), array_column(Table::rows('compounds'), 'cure_hours'))))
            : 0;
    }

    /** A shaft or flange that is drawn into a ring already seated: its inner ring is held from behind. */
    private function through(PressedSeat $seat): Step
    {
        return Step::of(
            "seat.{$seat->key}.through",
            'Before shaft or flange goes through',
            'Its inner ring is held from behind by a tube, and the shaft drawn or pressed through it. Outer ring and knuckle carry '
                .'nothing.',
        )
            ->with(
                tool: 'Tube that stands on the inner ring',
                why: 'Held by the knuckle alone, the whole force would cross the balls.',
                part: $seat->part->id,
            )
            ->ticked('A tube for the inner ring lies ready')
            ->advice()
            ->optional()
            ->taking(2);
    }
}
