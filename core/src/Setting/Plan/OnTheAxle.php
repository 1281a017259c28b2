<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Plan;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Captures;
use CleanRace\Core\Patterns\HubRole;
use CleanRace\Core\Patterns\Put;
use CleanRace\Core\Patterns\Turning;
use CleanRace\Core\Seating\Plan\PutIn;
use CleanRace\Core\Sizing\Plan\Seats;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Stripping\Condition;
use CleanRace\Core\Stripping\Ways;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** What goes on with the axle once the bearings are in: in its order, and each thing that wants its own words at its own step. */
final readonly class OnTheAxle
{
    /** How an end spacer goes in that sits tight in its bearing. */
    private const TIGHT_SPACER = [
        'detail' => 'Pressed in square, the inner ring under it held from behind by a tube. One with a nose enters the spacer tube: '
            .'look that it does.',
        'tool' => 'Driver on the spacer, tube under the inner ring',
        'why' => 'Without that tube the force crosses the balls.',
    ];

    private bool $tight;

    public function __construct(private Limits $limits, private Bench $bench)
    {
        $this->tight = Ways::of($bench)->has(Condition::TightSpacers);
    }

    /**
     * What goes on before a part that has a step of its own has one as well, so that nothing is passed over behind it; the
     * rest goes on with the axle, or closes the hub where the axle is in already.
     *
     * @return list<Step> in order
     */
    public function steps(): array
    {
        $on = PutIn::after($this->bench, (new Seats($this->limits))->parts($this->bench));
        $axle = array_search(PartKind::Axle, array_map(static fn (array $one): PartKind => $one[0]->kind, $on), true);
        $last = max([-1, ...array_keys(array_filter($on, $this->isOwn(...)))]);
        $together = array_filter(
            $on,
            fn (array $one, int $i): bool => ! $this->isOwn($one) && ($i > $last || ($axle !== false && $i >= $axle)),
            ARRAY_FILTER_USE_BOTH,
        );
        $parts = array_values(array_map(static fn (array $one): Part => $one[0], $together));
        $steps = [];
        $placed = false;
        foreach ($on as $i => $one) {
            if (! isset($together[$i])) {
                $steps[] = $this->alone($one);
            } elseif (! $placed) {
                $steps[] = $this->together($parts);
                $placed = true;
            }
        }

        return $placed ? $steps : [...$steps, $this->together($parts)];
    }

    /** @param  array{Part, Put}  $one */
    private function isOwn(array $one): bool
    {
        [$part, $put] = $one;

        return ($put->words !== [] && $part->kind !== PartKind::Axle) || $this->isTight($part);
    }

    private function isTight(Part $part): bool
    {
        return $this->tight && $part->kind === PartKind::Spacer;
    }

    /** @param  array{Part, Put}  $one */
    private function alone(array $one): Step
    {
        [$part, $put] = $one;
        $usual = ($this->isTight($part) ? self::TIGHT_SPACER : []) + PutIn::usual($part->kind);

        return Step::of(
            'set.'.$part->id,
            $this->isTight($part) ? '{part} in' : '{part} on',
            $put->words['detail'] ?? $usual['detail'],
            ['part' => Message::plain($part->name)],
        )
            ->with(
                ...array_filter([
                    'tool' => $put->words['tool'] ?? $usual['tool'],
                    'why' => $put->words['why'] ?? $usual['why'],
                    'caution' => $put->words['caution'] ?? $usual['caution'],
                    'part' => $part->id,
                ]),
            )
            ->asking(Ask::part($part, PartState::Fitted))
            ->holdingStopsOnly()
            ->taking((int) $usual['minutes']);
    }

    /** @param  list<Part>  $parts */
    private function together(array $parts): Step
    {
        $asks = array_map(static fn (Part $p): Ask => Ask::part($p, PartState::Fitted), $parts);
        $spaced = array_filter($parts, static fn (Part $p): bool => $p->kind === PartKind::Spacer) !== [];
        // An axle that went in with its bearings was turned by hand there.
        if (array_filter($parts, static fn (Part $p): bool => $p->kind === PartKind::Axle) === []) {
            return Step::of(
                'set.axle',
                match (true) {
                    $spaced => 'Spacers, caps, wheel',
                    $this->bench->hub->stack->ofKind(PartKind::EndCap) !== [] => 'End caps, wheel',
                    default => self::names($parts),
                },
                'Each to its own side, as it lay on the tray.',
            )
                ->asking(...$asks)
                ->judged($this->missed())
                ->holdingStopsOnly()
                ->taking(5);
        }
        $tube = $this->bench->hub->stack->one(PartKind::Sleeve) !== null;
        $card = $this->bench->pattern->card();
        $isWheel = $card->role === HubRole::Wheel && $card->turns === Turning::Hub;

        return Step::of(
            'set.axle',
            match (true) {
                ! $isWheel => '{axle} in',
                $spaced => 'Spacers, wheel, axle',
                default => 'Wheel and axle',
            },
            match (true) {
                ! $isWheel => 'What goes with it back to its own side. It slides through by hand, thinly greased.',
                $spaced => 'Each spacer to its own side. The {shaft} slides through by hand, thinly greased.',
                default => 'What goes with it to its own side. The {shaft} slides through by hand, thinly greased.',
            },
            $isWheel ? [] : ['axle' => Message::plain($this->bench->hub->stack->one(PartKind::Axle)->name ?? 'Axle')],
        )
            ->with(
                why: $tube
                    ? 'One that goes through only under blows means a spacer tube askew, a burr, rust or a bend.'
                    : 'One that goes through only under blows means a burr, rust or a bend.',
                part: 'axle',
            )
            ->asking(...$asks)
            ->asking(
                Ask::choice(
                    Places::AXLE_PASSES,
                    Message::plain('The {shaft} went through'),
                    Option::of(['by_hand' => 'By hand', 'blows' => 'Only under blows']),
                )->usually('by_hand'),
            )
            ->judged(self::passes($this->bench->notebook->choice(Places::AXLE_PASSES), $tube), $this->missed())
            ->holdingStopsOnly()
            ->taking(5);
    }

    /**
     * @param  list<Part>  $parts
     */
    private static function names(array $parts): Message
    {
        $names = array_map(static fn (Part $p): string => $p->name, $parts);

        return $names === []
            ? Message::plain('Nothing more on the {shaft}')
            : Message::listed([$names[0], ...array_map(Message::within(...), array_slice($names, 1))]);
    }

    /** Spacers, caps and axle ends go back to what was measured; what was skipped is missed here. */
    private function missed(): ?Verdict
    {
        $missed = Captures::missed($this->bench->pattern, $this->bench->notebook);

        return $missed === []
            ? null
            : Verdict::care(
                Message::of('capture.missing', 'Some things were not measured before', []),
                Message::of('capture.missing.say', 'Judge them by the other side, by the frame or by the manual, and say so.'),
            )->because(...$missed);
    }

    private static function passes(?string $passes, bool $tube): ?Verdict
    {
        return match ($passes) {
            'by_hand' => Verdict::go(
                Message::of('axle.hand', 'Passes by hand'),
                $tube
                    ? Message::of('axle.hand.say', 'Spacer tube and bearings are in line.')
                    : Message::of('axle.hand_alone.say', 'Nothing stands askew on its way.'),
            ),
            'blows' => Verdict::stop(
                Message::of('axle.blows', 'It must slide'),
                $tube
                    ? Message::of(
                        'axle.blows.say',
                        'The {shaft} or a drift, turned by hand, straightens an askew spacer tube. Else a burr, rust or a bend: find '
                            .'it before the nut hides it.',
                    )
                    : Message::of('axle.blows_alone.say', 'A burr, rust or a bend: find it before the nut hides it.'),
            ),
            default => null,
        };
    }
}
