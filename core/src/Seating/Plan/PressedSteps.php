<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Mechanics\Drivers\DriverFit;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Warmth\HubMass;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Put;
use CleanRace\Core\Seating\Home\SecondBearing;
use CleanRace\Core\Sizing\Plan\PressedSeat;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Step;
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

    private readonly HomeSteps $homeSteps;

    public function __construct(private readonly Bench $bench, private readonly SeatingRun $run, private readonly InTurn $turn)
    {
        $this->homeSteps = new HomeSteps($bench, $run, $turn);
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
            $this->steps[] = $this->homeSteps->step($seat, $put, $before);
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
            ? Step::of('seat.warm', 'Warm the {body}, or not', 'Not needed where the bearing starts by hand. Warmth helps any tight fit.')
            : Step::of('seat.warm', 'Warm it to {t}', 'Then the bearing drops in, or takes little force. The {body}, not the bearing.', [
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
                Ask::choice(Places::WARMED, 'It is', Option::of(['warm' => 'Warm', 'cold' => 'Left cold'])),
                Ask::heat(Places::HUB_TEMPERATURE, 'It reads'),
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
                : 'By hand, wiggle until it feels level. Light taps all round. Read from the face of the {body} to the outer ring, or look '
                    .'across it.'),
            ...$this->isTheFirst($seat) ? [] : [$this->again($seat), $words['support'] ?? $this->turnedOver($seat)],
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
            ->asking(Ask::choice(PlacesOf::feel($seat->key), 'How it goes in', Option::each(FitFeel::class))->borrowed())
            ->judged($sleeve, $square)
            ->settledByGo($this->byEyeAlone($seat))
            ->taking(4);
        $step = $this->turn->inTurn($step, $before, $square !== null);
        $this->steps[] = $this->run->isHome($seat) && $sleeve === null ? $step->advice() : $step;
    }

    private function isTheFirst(PressedSeat $seat): bool
    {
        return $seat->key === $this->run->order->seats()[0]->key;
    }

    /** A hub that was warmed for the first is cold again when the second goes in. */
    private function again(PressedSeat $seat): ?Message
    {
        return $this->bench->notebook->choice(Places::WARMED) === 'warm' && $seat->seat === RingSeat::Bore
            ? Message::of('seat.warm_again', 'The {body} warmed again first: it has cooled since the other.')
            : null;
    }

    /** What the hub stands on for a ring of the other side; null where it is not turned over. */
    private function turnedOver(PressedSeat $seat): ?string
    {
        $first = $this->run->order->seats()[0];

        return $seat->seat === RingSeat::Bore && $first->seat === RingSeat::Bore && $first->part->side === $seat->part->side->other()
            ? 'The {body} turned over, on a ring or blocks close round the bore; nothing rests on seal, bearing or {shaft} there.'
            : null;
    }

    /** Whether it is looked at and not measured: then one answer is all there is to enter. */
    private function byEyeAlone(PressedSeat $seat): bool
    {
        $notebook = $this->bench->notebook;
        $read = array_filter(SeatReadings::HOURS, static fn (string $h): bool => $notebook->has(PlacesOf::seat($seat->key, 'start', $h)));

        return $read === [] && $notebook->has(PlacesOf::seat($seat->key, 'start', 'eye'));
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
