<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Push;
use CleanRace\Core\Patterns\Put;
use CleanRace\Core\Seating\Home\AxleTurns;
use CleanRace\Core\Seating\Home\Feeler;
use CleanRace\Core\Seating\Home\HomeSign;
use CleanRace\Core\Seating\Home\PairFeel;
use CleanRace\Core\Seating\Home\TurnsFeel;
use CleanRace\Core\Seating\Press\PressShown;
use CleanRace\Core\Sizing\Plan\PressedSeat;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** The steps at which a ring comes home: on its shoulder, or for a second bearing on the spacer tube. */
final readonly class HomeSteps
{
    public function __construct(private Bench $bench, private SeatingRun $run, private InTurn $turn)
    {
    }

    /** @param  list<Part>  $before what must be in before it */
    public function step(PressedSeat $seat, Put $put, array $before): Step
    {
        $step = $this->run->order->isSecondOfPair($seat) ? $this->second($seat) : $this->first($seat, $put);

        return $this->turn->inTurn($step, $before, $this->turn->isIn($seat->part));
    }

    private function second(PressedSeat $seat): Step
    {
        $own = $this->run->pair->isBetweenShoulders();

        return Step::of(
            "seat.{$seat->key}.home",
            $own ? 'The second, down to its shoulder' : 'The second, just to the spacer tube',
            $own
                ? 'Both go home on their own shoulders; the spacer tube may stay a little loose until the {shaft} clamps it.'
                : 'Its inner ring comes to rest on the spacer tube. Creep the last part by hand: a bite of the draw nut, back off, try '
                    .'the spacer tube.',
        )
            ->with(
                tool: $own ? 'The driver; feeler' : 'Draw bolt, by hand',
                why: $own
                    ? 'Driven on past its shoulder it loads the casting.'
                    : 'Too far squeezes the pair, and it cannot be drawn back.',
                part: $seat->part->id,
            )
            ->on(Panel::Clock)
            ->asking(
                ...[
                    ...SeatAsks::clock($seat->key, 'home'),
                    Ask::depth(
                        PlacesOf::seat($seat->key, 'ledge'),
                        'Face to shoulder on this side, when there is one',
                        wanted: false,
                    ),
                    ...$own ? [$this->signs($seat)] : [],
                    Ask::choices(Places::PAIR_FEEL, 'How the pair feels', Option::each(PairFeel::class), wanted: false)
                        ->usually(PairFeel::NudgesOnly->value, PairFeel::AxleByHand->value),
                    ...$this->watched($seat),
                    Ask::part($seat->part, PartState::Fitted),
                ],
            )
            ->judged(
                $own ? $this->run->home($seat)?->verdict : null,
                $this->run->pair->second(),
                $this->unseen($seat),
                $this->depthBefore($seat),
                $this->square($seat),
                $this->turns($seat),
                $this->run->watch($seat),
                $this->pressShown($seat),
            )
            ->ordinarily('It is there: level, the pair right, turns free')
            ->taking(6, $this->cure($seat));
    }

    private function first(PressedSeat $seat, Put $put): Step
    {
        $depth = $this->run->homeDepth($seat);
        $words = $put->words;
        $ledge = $this->bench->isPair()
            ? []
            : [Ask::depth(PlacesOf::seat($seat->key, 'ledge'), 'Face to shoulder, measured before', wanted: false)];
        $detail = [
            $words['home'] ??
            'The note goes dull and low, the handle stiffens at once. Stop at the first sharp rise, whatever the gauge says.',
            $depth === null ? null : Message::of('seat.home.stands', 'It stands {depth} below the face then.', ['depth' => $depth]),
        ];

        return Step::of(
            "seat.{$seat->key}.home",
            $seat->seat === RingSeat::Shaft
                ? 'Up to its shoulder'
                : ($this->bench->isPair()
                    ? 'Down to its shoulder'
                    : 'Down to its shoulder: {part}'),
            Message::listed(array_filter($detail), ' '),
            ['part' => Message::within($seat->part->name)],
        )
            ->with(
                tool: 'The driver; feeler',
                find: $seat->seat === RingSeat::Bore && $this->isHeld($seat) ? 'The ring groove shows in full.' : null,
                part: $seat->part->id,
            )
            ->on(Panel::Clock)
            ->asking(
                ...[
                    ...SeatAsks::clock($seat->key, 'home'),
                    ...$ledge,
                    $this->signs($seat),
                    ...$this->watched($seat),
                    Ask::part($seat->part, PartState::Fitted),
                ],
            )
            ->judged(
                $this->run->home($seat)?->verdict,
                $this->unseen($seat),
                $this->depthBefore($seat),
                $this->square($seat),
                $this->turns($seat),
                $this->run->watch($seat),
                $this->pressShown($seat),
            )
            ->ordinarily(
                $seat->part->kind->isCartridge()
                    ? 'It is home: level, by note and feeler, turns free'
                    : 'It is home: level, by note and feeler',
            )
            ->taking(4, $this->cure($seat));
    }

    /** Whether a snap ring holds it from its own side. */
    private function isHeld(PressedSeat $seat): bool
    {
        return array_filter(
            $this->bench->hub->stack->ofKind(PartKind::SnapRing),
            static fn (Part $ring): bool => $ring->side === $seat->part->side || $seat->part->side === Side::Middle,
        ) !== [];
    }

    private function signs(PressedSeat $seat): Ask
    {
        $leaf = Feeler::under($seat->outside);

        return Ask::choices(
            PlacesOf::seat($seat->key, 'home', 'signs'),
            Message::of('seat.home.signs', 'What hands and ears tell (feeler {leaf})', ['leaf' => $leaf]),
            Option::each(HomeSign::class),
            wanted: false,
        )->usually(HomeSign::NoteChanged->value, HomeSign::FeelerRefused->value);
    }

    /** Nothing counts as home without a depth, a sign of the hand, or a look. */
    private function unseen(PressedSeat $seat): ?Verdict
    {
        return $this->bench->tray->state($seat->part->id) === PartState::Fitted && ! $this->run->isSeen($seat)
            ? Verdict::care(
                Message::of('home.unseen', 'Nothing says yet that it is home'),
                Message::of('home.unseen.say', 'A depth, a sign of the hand, or a look across it: one of them.'),
            )
            : null;
    }

    /** Of a ring that is still on its way, what the readings are too coarse to tell is not asked yet. */
    private function square(PressedSeat $seat): ?Verdict
    {
        $square = $this->run->square($seat, 'home');
        $undecided = $square !== null && $square->verdict->level === Level::Care && $square->highSide === null;

        return $undecided && ! $this->run->isHome($seat) && ! $this->run->isLeft($seat) ? null : $square?->verdict;
    }

    /** The depth at which it stood before, met again or not. */
    private function depthBefore(PressedSeat $seat): ?Verdict
    {
        return $this->run->depthBefore($seat)?->verdict($this->bench->tray->state($seat->part->id) === PartState::Fitted);
    }

    /** How it turns once it is down, by a finger or by the axle; null while nobody said, or where nothing turns in it. */
    private function turns(PressedSeat $seat): ?Verdict
    {
        if ($this->isOverAxle($seat)) {
            return $this->run->axleTurns($seat)?->verdict($this->run->depthBefore($seat)?->isDeeper() ?? false);
        }
        $feel = TurnsFeel::tryFrom($this->bench->notebook->choice(PlacesOf::seat($seat->key, 'turns')) ?? '');

        return $feel?->verdict($seat->fit->tooTight ?? false);
    }

    /** Whether it was driven over an axle that stands in the other bearing: then the axle is what the hand turns. */
    private function isOverAxle(PressedSeat $seat): bool
    {
        return $seat->part->kind->isCartridge() && $this->run->order->push($seat) === Push::Both;
    }

    /** @return list<Ask> what gauge and press show meanwhile, and how a bearing turns after */
    private function watched(PressedSeat $seat): array
    {
        $turns = match (true) {
            $this->isOverAxle($seat) => [
                Ask::choice(PlacesOf::seat($seat->key, 'axle'), 'The axle, turned by hand', Option::each(AxleTurns::class))
                    ->usually(AxleTurns::Free->value),
            ],
            $seat->part->kind->isCartridge() => [
                Ask::choice(PlacesOf::seat($seat->key, 'turns'), 'By a finger, cold', Option::each(TurnsFeel::class), wanted: false)
                    ->usually(TurnsFeel::Free->value),
            ],
            default => [],
        };

        return [
            ...$turns,
            Ask::gauge(PlacesOf::seat($seat->key, 'gauge'), 'Gauge or wrench shows'),
            Ask::choice(PlacesOf::seat($seat->key, 'press'), 'The press', Option::each(PressShown::class), wanted: false),
        ];
    }

    private function pressShown(PressedSeat $seat): ?Verdict
    {
        return PressShown::tryFrom($this->bench->notebook->choice(PlacesOf::seat($seat->key, 'press')) ?? '')?->verdict();
    }

    /** Minutes for which a retaining compound is left alone, where the ring is glued in. */
    private function cure(PressedSeat $seat): int
    {
        return $this->bench->notebook->choice(PlacesOf::remedy($seat->key)) === 'compound'
            ? (int) (60 * max(0.0, ...array_map(floatval(...), array_column(Table::rows('compounds'), 'cure_hours'))))
            : 0;
    }
}
