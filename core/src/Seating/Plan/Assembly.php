<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Put;
use CleanRace\Core\Sizing\Plan\PressedSeat;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/**
 * Plans how a hub goes together: its parts in the order of the pattern, on what is really there, each step after what
 * must be in before it.
 */
final class Assembly
{
    /** @var list<Step> */
    private array $steps = [];

    /** @var list<Part> what holds or locates what comes after it, so far */
    private array $structure = [];

    private readonly SealsIn $sealsIn;

    private readonly InTurn $turn;

    private readonly PressedSteps $rings;

    private readonly PutSteps $puts;

    public function __construct(private readonly Bench $bench, private readonly SeatingRun $run)
    {
        $this->turn = new InTurn($bench->tray);
        $this->rings = new PressedSteps($bench, $run, $this->turn);
        $this->sealsIn = SealsIn::of($bench);
        $this->puts = new PutSteps($bench, $run, $this->sealsIn);
    }

    /** @return list<Step> in order */
    public function steps(): array
    {
        $pressed = [];
        foreach ($this->run->order->seats() as $seat) {
            $pressed[$seat->part->id][] = $seat;
        }
        // A ring made for a seat is set in before its bearing is judged: nothing is pressed while it is missing.
        $this->structure = $this->bench->hub->stack->ofKind(PartKind::SeatRing);
        $first = array_values($pressed)[0][0] ?? null;
        $first === null ? $this->steps[] = self::clean() : $this->stand($first);
        $order = $this->sealsIn->arranged(PutIn::order($this->bench, array_keys($pressed)), array_keys($pressed));
        for ($i = 0; $i < count($order); $i++) {
            [$part, $put] = $order[$i];
            if ($this->bench->stays($part)) {
                $this->structure[] = $part;

                continue;
            }
            if (isset($pressed[$part->id])) {
                array_push($this->steps, ...$this->rings->of($pressed[$part->id], $put, $this->structure));
                $this->structure[] = $part;

                continue;
            }
            $together = [[$part, $put]];
            while (
                PutIn::isCover($part) &&
                isset($order[$i + 1]) &&
                PutIn::isCover($order[$i + 1][0]) &&
                ! $this->bench->stays($order[$i + 1][0]) &&
                ! isset($pressed[$order[$i + 1][0]->id])
            ) {
                $together[] = $order[++$i];
            }
            $this->put($together);
        }

        return $this->steps;
    }

    /** Where nothing is pressed there is nothing to stand it on. */
    private static function clean(): Step
    {
        return Step::of('seat.clean', 'Clean and dry', 'All of it wiped, no grit and no lint where grease goes.')
            ->asking(self::isClean())
            ->taking(6);
    }

    private static function isClean(bool $shaft = false): Ask
    {
        return Ask::tick(
            PlacesOf::done('seat.clean'),
            $shaft ? 'Shaft is clean, with a thin smear' : 'Bore is clean, with a thin smear',
        );
    }

    /** The side that locates, what the hub stands on, and the way it will be pressed. */
    private function stand(PressedSeat $first): void
    {
        $card = $this->bench->pattern->card();
        $side = $first->part->side === Side::Middle ? $this->bench->hub->first : $first->part->side;
        $two = count(array_unique(array_map(static fn (PressedSeat $s): string => $s->part->id, $this->run->order->seats()))) > 1;
        $support = $this->run->tools->support($first);
        $words = $this->putOf($first->part->id)->words ?? [];
        $shaft = $first->seat === RingSeat::Shaft;

        $this->steps[] = Step::of(
            'seat.first',
            match (true) {
                $two => '{side} first',
                $shaft => 'Set it up',
                default => 'From the {side}',
            },
            Message::listed(
                [
                    $this->bench->pattern->firstSideReason($this->bench->notebook),
                    $words['support'] ?? ($card->isBraked()
                        ? 'Blocks close round the bore, in line with the blow; disc, lip and {shaft} clear.'
                        : 'Blocks close round the bore, in line with the blow; lip and {shaft} clear.'),
                    $shaft
                        ? 'Shaft wiped, burrs off, a smear of grease where the ring goes. With compound: dry and degreased instead.'
                        : 'Bore wiped, burrs off, a smear of grease on its wall. A load of it holds the ring off its shoulder. With '
                            .'compound: dry and degreased instead.',
                ],
                ' ',
            ),
            $shaft ? [] : ['side' => $two ? Message::plain($card->sideName($side)) : Message::within($card->sideName($side))],
        )
            ->with(
                tool: 'Wood blocks or a ring',
                why: $shaft ? null : 'Water comes from within too: smear the face that will be hidden.',
                caution: 'Stand aside of a press. Eyes covered for hammer and press alike.',
                find: $shaft ? 'Lint, grit, a burr at its end.' : 'Lint, grit, a burr at the mouth.',
                part: $first->part->id,
            )
            ->asking(self::isClean($shaft))
            ->ticked($shaft ? 'Shaft stands upright' : 'It stands on its blocks')
            ->ordinarily($shaft ? 'Shaft clean, upright' : 'Bore clean, on its blocks')
            ->judged($first->seat === RingSeat::Bore ? $support->verdict : null)
            ->advice()
            ->taking(9);
        array_push($this->steps, ...$this->rings->chosen($first));
        $this->steps[] = Step::of('seat.way', 'Press, draw or hammer', 'By the force that was reckoned, and what hangs on the wall.')
            ->with(tool: 'Clean driver: what falls off it falls in', part: $first->part->id)
            ->asking(
                Ask::choice(Places::WAY_IN, 'How it goes in', Option::each(WayIn::class), wanted: false)->borrowed(),
                ...SealsIn::asks($this->bench),
                ...$this->isOtherWay() ? [Ask::text(Places::WAY_IN_WHY, 'Why another way', wanted: false)] : [],
            )
            ->judged($this->run->tools->way($first))
            ->advice()
            ->optional()
            ->taking(3);
    }

    /** Whether somebody chose what is not the shop's way. */
    private function isOtherWay(): bool
    {
        $chosen = $this->bench->notebook->choice(Places::WAY_IN);

        return ($chosen !== null && $chosen !== ($this->bench->habits['pressing'] ?? WayIn::DrawBolt->value)) ||
            $this->sealsIn !== SealsIn::usual($this->bench);
    }

    /** @param  non-empty-list<array{Part, Put}>  $together that go in at one step */
    private function put(array $together): void
    {
        $parts = array_map(static fn (array $one): Part => $one[0], $together);
        [$part, $put] = $together[0];
        $isCover = PutIn::isCover($part);
        $step = $this->puts->step($this->stepId($parts), $parts, $put);
        $begun = array_filter($parts, $this->turn->isIn(...)) !== [];
        $wayRound = array_map(
            fn (Part $p): ?Verdict => SeatVerdicts::wayRound($p, $this->bench->notebook->value(PlacesOf::part($p->id)) ?? []),
            $parts,
        );
        $step = $this->turn->inTurn($step->judged(...$wayRound), $this->before($parts, $isCover), $begun);
        $this->steps[] = $step;
        if (! $isCover) {
            array_push(
                $this->structure,
                ...array_filter(
                    $parts,
                    static fn (Part $p): bool => in_array(
                        $p->kind,
                        [PartKind::SnapRing, PartKind::Sleeve, PartKind::RingNut, PartKind::Axle],
                        true,
                    ),
                ),
            );
        }
    }

    /**
     * What must be in before these: for a seal under the default school all that is pressed, on either side.
     *
     * @param  list<Part>  $parts
     * @return list<Part>
     */
    private function before(array $parts, bool $isCover): array
    {
        if (! $isCover) {
            return $this->structure;
        }

        return $this->sealsIn === SealsIn::AfterBoth
            ? $this->structure
            : array_values(
                array_filter(
                    $this->structure,
                    static fn (Part $p): bool => array_filter($parts, static fn (Part $one): bool => $one->side === $p->side) !== [],
                ),
            );
    }

    /** @param  non-empty-list<Part>  $parts */
    private function stepId(array $parts): string
    {
        $taken = array_map(static fn (Step $s): string => $s->id, $this->steps);
        $short = match (true) {
            PutIn::isCover($parts[0]) => 'seat.seals',
            $parts[0]->kind === PartKind::SnapRing => 'seat.ring',
            default => 'seat.'.$parts[0]->id,
        };

        return in_array($short, $taken, true) ? 'seat.'.$parts[0]->id : $short;
    }

    private function putOf(string $part): ?Put
    {
        foreach ($this->bench->pattern->assembly($this->bench->hub->first) as $put) {
            if ($put->part === $part) {
                return $put;
            }
        }

        return null;
    }
}
