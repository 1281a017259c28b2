<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Hub\Lane;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\Reach;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Move;
use CleanRace\Core\Patterns\MoveKind;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Verdict\Message;

/**
 * Plans a take-down: the milestones of the pattern, on the parts that are really there, by condition and school. A part
 * comes off only after all that stands in its way.
 */
final class TakeDown
{
    /** @var list<PlannedStep> */
    private array $steps = [];

    /** @var list<string> ids of what is off */
    private array $off = [];

    /** @var list<string> ids of what is being taken off: two parts that stand in each other's way are taken as they come */
    private array $taking = [];

    private bool $warmed = false;

    private bool $collected = false;

    private readonly StripSteps $words;

    /**
     * @param  list<string>  $leave ids of what is looked at and left in
     * @param  list<string>  $past ids of what stands in nothing's way
     */
    private function __construct(
        private readonly Bench $bench,
        private readonly Stack $stack,
        private readonly Ways $ways,
        private readonly array $leave,
        private readonly array $past,
    ) {
        $this->words = new StripSteps($bench, $ways);
        // What goes into a hub of cups is not in it yet.
        $yet = $bench->isStillCups() ? [...$stack->cartridges(), ...$stack->ofKind(PartKind::Sleeve)] : [];
        $this->off = array_map(static fn (Part $p): string => $p->id, $yet);
    }

    /** @return list<PlannedStep> in order */
    public static function plan(Bench $bench, Ways $ways): array
    {
        $moves = $bench->pattern->moves($bench->hub->stack, $bench->hub->first);
        $plan = new self($bench, $bench->hub->stack, $ways, Move::left($moves), Move::passed($moves));
        foreach ($moves as $move) {
            $plan->take($move);
        }

        return FittingsOff::into($plan->steps, $bench);
    }

    private function take(Move $move): void
    {
        match ($move->kind) {
            MoveKind::Safe => array_push($this->steps, ...$this->words->safe($move)),
            MoveKind::Off => $this->group(array_values(array_filter(array_map($this->stack->find(...), $move->parts))), $move->words),
            MoveKind::Axle => $this->axle($move),
            MoveKind::Seals => $this->group($this->still(PartKind::Seal, PartKind::Felt, PartKind::DustCap, PartKind::RingNut), []),
            MoveKind::Rings => $this->rings(),
            MoveKind::Bearing => $this->bearing($move),
            MoveKind::Sleeve => $this->group($this->still(PartKind::Sleeve), []),
            MoveKind::Say => array_push($this->steps, ...$this->words->say($move)),
            MoveKind::Look => $this->look(),
        };
    }

    private function axle(Move $move): void
    {
        $axle = $this->stack->one(PartKind::Axle);
        if ($axle === null || $this->isOff($axle)) {
            return;
        }
        // On a shaft the outer fittings come first; a through axle brings its ends with it.
        $this->group([$axle], $move->words);
        if ($this->ways->has(Condition::Seized)) {
            // What is seized on a spindle that stays is freed once the hub is off it.
            $freed = $this->words->seized($axle);
            $this->steps = in_array($axle->id, $this->leave, true)
                ? [...$this->steps, $freed]
                : $freed->before('strip.axle', $this->steps);
        }
    }

    /**
     * Parts that come off in one step, after what stands in their way.
     *
     * @param  list<Part>  $parts
     * @param  array<string, string>  $words said otherwise than usual
     */
    private function group(array $parts, array $words, ?string $id = null): void
    {
        $parts = array_values(array_filter($parts, fn (Part $p): bool => ! $this->isOff($p)));
        if ($parts === []) {
            return;
        }
        $parts = Reach::withBetween($this->stack, $parts, $this->off);
        foreach ($parts as $part) {
            $this->clear($part, null, array_map(static fn (Part $p): string => $p->id, $parts));
        }
        // What stood in the way may itself have stood behind one of these.
        $parts = array_values(array_filter($parts, fn (Part $p): bool => ! $this->isOff($p)));
        if ($parts === []) {
            return;
        }
        $ids = array_map(static fn (Part $p): string => $p->id, $parts);
        $usual = TakeOff::usual($parts[0]->kind);
        $words = TakeOff::words($parts[0], $this->ways, $words);
        $title = $words['title'] ?? (count($parts) > 1 ? $usual['title'] : TakeOff::title($parts[0]));
        $step = Step::of($id ?? 'strip.'.TakeOff::name($parts), $title, $words['detail'] ?? $usual['detail'])
            ->with(
                ...array_filter([
                    'tool' => $words['tool'] ?? $usual['tool'],
                    'why' => $words['why'] ?? '',
                    'caution' => $words['caution'] ?? $usual['caution'],
                    'find' => $words['find'] ?? $usual['find'],
                    'part' => $parts[0]->id,
                ]),
            )
            ->asking(
                ...array_map($this->ask(...), $parts),
                ...TakeOff::fastenerAsks($this->bench, $ids),
            )
            ->lingering(TakeOff::wantsSpanner($this->bench, $ids))
            ->taking((int) $usual['minutes'] + max(0, count($parts) - 1));
        $this->steps[] = PlannedStep::of($step, ...TakeOff::needs($this->bench, $words['needs'] ?? $usual['needs'], $ids));
        array_push($this->off, ...$ids);
    }

    /**
     * Takes off what stands in the way of a part.
     *
     * @param  list<string>  $with ids of what comes off together with it
     */
    private function clear(Part $part, ?Side $towards, array $with): void
    {
        $this->taking = [...$this->taking, ...$with];
        foreach (Reach::before($this->stack, $part, [...$this->off, ...$with, ...$this->past], $towards) as $first) {
            if (! $this->isOff($first) && ! in_array($first->id, $this->taking, true)) {
                $first->kind->isCartridge() || $first->kind === PartKind::Bush
                    ? $this->bearing(Move::bearing($first->id, $first->side === Side::Middle ? Side::Left : $first->side), inTheWay: true)
                    : $this->group([$first], []);
            }
        }
        $this->taking = array_slice($this->taking, 0, count($this->taking) - count($with));
    }

    private function rings(): void
    {
        $rings = $this->still(PartKind::SnapRing);
        foreach ($rings as $ring) {
            $this->clear($ring, null, array_map(static fn (Part $p): string => $p->id, $rings));
        }
        $rings = array_values(array_filter($rings, fn (Part $p): bool => ! $this->isOff($p)));
        $this->steps[] = RingStep::of($this->bench, $rings, array_map($this->ask(...), $rings));
        array_push($this->off, ...array_map(static fn (Part $p): string => $p->id, $rings));
    }

    /** @param  bool  $inTheWay so that another can come out, however good this one is */
    private function bearing(Move $move, bool $inTheWay = false): void
    {
        $part = $this->stack->find($move->parts[0]);
        if ($part === null || $this->isOff($part)) {
            return;
        }
        if (! $inTheWay && $this->bench->isKept($part)) {
            $this->steps[] = $this->words->kept($part, $this->ask($part));
            $this->off[] = $part->id;

            return;
        }
        $this->clear($part, $move->towards, [$part->id]);
        if ($this->isOff($part)) {
            return;
        }
        $burst = $this->ways->hasBurst($part);
        if ($burst && ! $this->collected) {
            $this->collected = true;
            array_push($this->steps, ...$this->words->burst($part));
        }
        $sleeve = $this->stack->find('sleeve');
        if (
            $this->ways->extraction === Extraction::Drift &&
            $sleeve !== null &&
            ! $this->isOff($sleeve) &&
            ! $burst &&
            ! isset($move->words['detail'])
        ) {
            $this->steps[] = $this->words->crescent();
        }
        // What it is pulled by stands ready before the hub is warm; a hub cools while the next is made ready.
        $again = $this->warmed && $this->ways->heat === Heat::Warm && $part->kind->lane() !== Lane::Row;
        $this->warm($part);
        $how = Pulling::of($burst ? Extraction::Puller : $this->ways->extraction, $part, $this->stack);
        // Done in a way of its own, it has no reasons of another.
        $own = isset($move->words['tool']);
        [$side, $words] = [$this->bench->pattern->card()->sideName($move->towards ?? $part->side), $move->words];
        $this->steps[] = PlannedStep::of(
            Step::of(
                'strip.'.$part->id,
                $words['title'] ?? '{part} out',
                Message::listed(
                    [
                        ...$again ? [Message::of('strip.warm_again', 'The {body} warmed again first: it has cooled since the other.')] : [],
                        $words['detail'] ?? $how->detail,
                        Message::of('strip.one_way', 'It comes out towards the {side} only.', ['side' => Message::within($side)]),
                    ],
                    ' ',
                ),
                ['part' => Message::plain($part->name)],
            )
                ->with(
                    tool: $words['tool'] ?? $how->tool,
                    why: $words['why'] ?? ($own ? null : $how->why),
                    caution: $words['caution'] ?? ($own ? 'Eyes covered.' : $how->caution),
                    find: $words['find'] ?? Pulling::FIND,
                    part: $part->id,
                    values: $how->sizes,
                )
                ->asking($this->ask($part))
                ->taking($how->minutes),
            ...isset($words['tool']) ? [] : $how->needs,
        );
        $this->off[] = $part->id;
    }

    private function warm(Part $part): void
    {
        if ($this->warmed || $this->ways->heat === Heat::Cold || in_array($part->kind->lane(), [Lane::Row], true)) {
            return;
        }
        $this->warmed = true;
        $this->steps[] = $this->words->warm($part);
    }

    private function look(): void
    {
        // Whatever somebody added that no milestone names comes off before the looking.
        foreach ($this->stack->line() as $part) {
            if (! $this->isOff($part) && ! in_array($part->kind, [PartKind::Nipple], true)) {
                $part->kind->isCartridge() ? $this->bearing(Move::bearing($part->id, $part->side)) : $this->group([$part], []);
            }
        }
        array_push($this->steps, ...(new LookSteps($this->bench, $this->stack, $this->ways))->steps());
    }

    private function ask(Part $part): Ask
    {
        $ask = Ask::part($part, PartState::OnTray);

        return in_array($part->id, $this->leave, true) || $this->bench->isKept($part) ? $ask->leftIn() : $ask;
    }

    /** @return list<Part> */
    private function still(PartKind ...$kinds): array
    {
        return array_values(array_filter($this->stack->ofKind(...$kinds), fn (Part $p): bool => ! $this->isOff($p)));
    }

    private function isOff(Part $part): bool
    {
        return in_array($part->id, $this->off, true);
    }
}
