<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Catalogue\BallCount;
use CleanRace\Core\Hub\Lane;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\Reach;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Move;
use CleanRace\Core\Patterns\MoveKind;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tooling\Need;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

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

    private function __construct(private readonly Bench $bench, private readonly Stack $stack, private readonly Ways $ways)
    {
    }

    /** @return list<PlannedStep> in order */
    public static function plan(Bench $bench, Ways $ways): array
    {
        $plan = new self($bench, $bench->hub->stack, $ways);
        foreach ($bench->pattern->moves($bench->hub->stack, $bench->hub->first) as $move) {
            $plan->take($move);
        }

        return $plan->steps;
    }

    private function take(Move $move): void
    {
        match ($move->kind) {
            MoveKind::Safe => $this->safe($move),
            MoveKind::Off => $this->group(array_values(array_filter(array_map($this->stack->find(...), $move->parts))), $move->words),
            MoveKind::Axle => $this->axle($move),
            MoveKind::Seals => $this->group($this->still(PartKind::Seal, PartKind::Felt, PartKind::DustCap, PartKind::RingNut), []),
            MoveKind::Rings => $this->rings(),
            MoveKind::Bearing => $this->bearing($move),
            MoveKind::Sleeve => $this->group($this->still(PartKind::Sleeve), []),
            MoveKind::Say => $move->name === 'joints' && ! $this->ways->has(Condition::Joints) ? null : $this->say($move),
            MoveKind::Look => $this->look(),
        };
    }

    private function safe(Move $move): void
    {
        $more = array_filter([
            $this->ways->has(Condition::Electric) ? 'Main switch off, key out, controller discharged by its manual.' : null,
            $this->ways->has(Condition::Blade) ? 'Spark lead off or battery out; the blade blocked.' : null,
            $this->ways->has(Condition::Disc) ? 'Nothing stands or lies on the disc; no grease or spray near it.' : null,
        ]);
        $this->add(
            Step::of(
                'strip.safe',
                'Make it safe',
                Message::listed([$move->words['detail'] ?? 'On a stand that cannot tip; what could roll is blocked.', ...$more], ' '),
            )
                ->with(tool: 'Stand, straps, blocks', caution: 'Never a jack alone. Do not pull the brake lever while the disc is out.')
                ->ticked('It stands safe')
                ->taking(4),
        );
        if ($this->ways->has(Condition::Corroded) || $this->ways->has(Condition::Seized)) {
            $this->add(
                Step::of(
                    'strip.soak',
                    'Brush, soak, wait',
                    'Wire-brush every thread and ring edge bright, then penetrant. Before it is turned, not after the thread is stripped.',
                )
                    ->with(
                        tool: 'Wire brush, penetrant',
                        why: 'It creeps in while you do something else.',
                        caution: 'Eyes covered. Keep it off disc, pads and tyre.',
                    )
                    ->ticked('Soaking')
                    ->taking(4, 20),
            );
        }
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
            $this->insertBefore(
                'strip.axle',
                Step::of(
                    'strip.seized',
                    'Free what is seized',
                    'Spindle or shaft bright, soaked. Start the ring with a punch behind it, then a puller whose legs stand behind '
                        .'the ring itself, thread guarded by its nut. Heat to the ring only. Last, grind a flat on the ring and split '
                        .'it.',
                )
                    ->with(
                        tool: 'Jaw puller; chisel',
                        why: 'Hot, cold and hot again shifts a shaft rusted in its carrier.',
                        caution: 'Eyes covered for grinding and splitting. No flame near solvent, rubber or grease.',
                        part: $axle->id,
                    )
                    ->ticked('It moves')
                    ->taking(20, 10),
                Need::of(ToolKind::JawPuller),
                Need::of(ToolKind::Chisel),
            );
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
                ...array_map(static fn (Part $p): Ask => Ask::part($p, PartState::OnTray), $parts),
                ...TakeOff::fastenerAsks($this->bench, $ids),
            )
            ->taking((int) $usual['minutes'] + max(0, count($parts) - 1));
        $this->add($step, ...TakeOff::needs($this->bench, $usual['needs'], $ids));
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
        foreach (Reach::before($this->stack, $part, [...$this->off, ...$with], $towards) as $first) {
            if (! $this->isOff($first) && ! in_array($first->id, $this->taking, true)) {
                $first->kind->isCartridge() || $first->kind === PartKind::Bush
                    ? $this->bearing(Move::bearing($first->id, $first->side === Side::Middle ? Side::Left : $first->side))
                    : $this->group([$first], []);
            }
        }
        $this->taking = array_slice($this->taking, 0, count($this->taking) - count($with));
    }

    private function rings(): void
    {
        $rings = $this->still(PartKind::SnapRing);
        $seenBefore = array_filter($this->bench->pattern->capture(), static fn (Ask $a): bool => $a->place === Places::RING_SIDE) !== [];
        $asks = $seenBefore
            ? [
                Ask::choice(
                    Places::RING_SIDE,
                    'Ring found on',
                    Option::of(['left' => 'Left', 'right' => 'Right', 'both' => 'Both', 'none' => 'None']),
                )->borrowed(),
            ]
            : [];
        foreach ($rings as $ring) {
            $this->clear($ring, null, array_map(static fn (Part $p): string => $p->id, $rings));
        }
        $rings = array_values(array_filter($rings, fn (Part $p): bool => ! $this->isOff($p)));
        $usual = TakeOff::usual(PartKind::SnapRing);
        $this->add(
            Step::of('strip.rings', $usual['title'], $usual['detail'])
                ->with(
                    tool: $usual['tool'],
                    why: 'A ring missed on the far side is pressed against, and breaks its groove.',
                    caution: $usual['caution'],
                    find: $usual['find'],
                    part: $rings[0]->id ?? null,
                )
                ->asking(...$asks, ...array_map(static fn (Part $p): Ask => Ask::part($p, PartState::OnTray), $rings))
                ->ticked('Both sides looked at')
                ->taking((int) $usual['minutes']),
            ...$rings === [] ? [] : [Need::of(ToolKind::RingPliersIn)],
        );
        array_push($this->off, ...array_map(static fn (Part $p): string => $p->id, $rings));
    }

    private function bearing(Move $move): void
    {
        $part = $this->stack->find($move->parts[0]);
        if ($part === null || $this->isOff($part)) {
            return;
        }
        $this->clear($part, $move->towards, [$part->id]);
        if ($this->isOff($part)) {
            return;
        }
        $this->warm($part);
        if (
            $this->ways->has(Condition::Burst) &&
            $part->kind->isCartridge() &&
            ! in_array('strip.burst', array_map(static fn (PlannedStep $s): string => $s->step->id, $this->steps), true)
        ) {
            $this->burst($part);
        }
        $sleeve = $this->stack->find('sleeve');
        if (
            $this->ways->extraction === Extraction::Drift &&
            $sleeve !== null &&
            ! $this->isOff($sleeve) &&
            ! isset($move->words['detail'])
        ) {
            $this->add(
                Step::of('strip.crescent', 'Push the sleeve aside', 'Bare a crescent of the far inner ring for the drift to stand on.')
                    ->with(
                        tool: 'Finger, or wood; not steel',
                        part: 'sleeve',
                        find: 'If it will not move, the bearing is tight on it: use a puller.',
                    )
                    ->ticked('A crescent shows')
                    ->taking(2),
            );
        }
        $how = Pulling::of($this->ways->extraction, $part, $this->stack);
        $side = $this->bench->pattern->card()->side($move->towards ?? $part->side);
        $words = $move->words;
        $this->add(
            Step::of(
                'strip.'.$part->id,
                $words['title'] ?? '{part} out',
                Message::listed(
                    [
                        $words['detail'] ?? $how->detail,
                        Message::of('strip.one_way', 'It leaves towards the {side} only.', ['side' => Message::within($side)]),
                    ],
                    ' ',
                ),
                ['part' => Message::plain($part->name)],
            )
                ->with(
                    tool: $words['tool'] ?? $how->tool,
                    why: $words['why'] ?? $how->why,
                    caution: $words['caution'] ?? $how->caution,
                    find: Pulling::FIND,
                    part: $part->id,
                    values: $how->sizes,
                )
                ->asking(Ask::part($part, PartState::OnTray))
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
        $plastic = $this->ways->has(Condition::Plastic);
        $this->add(
            ($plastic
                ? Step::of(
                    'strip.warm',
                    'Hot water on the wheel',
                    'Poured round the bore for a minute or two. Nothing hotter on plastic.',
                )
                : Step::of(
                    'strip.warm',
                    'Warm the hub',
                    $this->ways->has(Condition::Painted)
                        ? 'Round and round the hub, not the bearing, until a drop of water on it spits. Paint near: hot air only, '
                            .'and no hotter than it bears.'
                        : 'Round and round the hub, not the bearing, until a drop of water on it spits. A sharp crack is the ring '
                            .'letting go.',
                )
            )
                ->with(
                    tool: $plastic ? 'Kettle' : 'Hot-air gun, thermometer',
                    why: 'Aluminium grows twice as fast as steel: the fit loosens by itself.',
                    caution: 'Gloves. No solvent or its vapour within reach, some brake cleaners make poison gas when heated; '
                        .'extinguisher at hand. A hot hub looks like a cold one.',
                    part: $part->id,
                )
                ->ticked('It is warm')
                ->taking(3, 6),
            ...$plastic ? [] : [Need::of(ToolKind::HeatGun), Need::of(ToolKind::Thermometer)],
        );
    }

    /** A bearing whose balls are gone: nothing behind the outer ring to pull on. */
    private function burst(Part $part): void
    {
        $usual = BallCount::usual($part->sizes['bore'], $part->sizes['outside']);
        $this->add(
            Step::of(
                'strip.burst',
                'Collect the balls and count them',
                'Magnet and rag. A bearing of this size usually has {balls} balls of about {ball}, one more or less by maker. The '
                    .'last one hides in the hub.',
                ['balls' => $usual->balls * ($part->kind === PartKind::DoubleRow ? 2 : 1), 'ball' => $usual->ball],
            )
                ->with(tool: 'Magnet, dish', why: 'A ball left in the hub finds its way into the new bearing.', part: $part->id)
                ->asking(Ask::text(Places::BURST_COUNT, 'Balls found', hint: 'how many, and how wide'))
                ->taking(4),
            Need::of(ToolKind::Magnet),
        );
        $this->add(
            Step::of(
                'strip.burst_out',
                'Give the ring something to be pulled by',
                'Inner ring back in with sticky grease, three or more balls spread evenly, then the expanding puller. Or a notch '
                    .'ground in the ring on two sides, without touching the bore. Or a weld bead inside the ring, which shrinks it: '
                    .'only by someone who welds.',
            )
                ->with(
                    tool: 'Grease, puller; or small grinder',
                    caution: 'Eyes covered for grinding. Welding: tyre and grease protected, battery off.',
                    part: $part->id,
                )
                ->asking(
                    Ask::choice(
                        Places::BURST_WAY,
                        'Done by',
                        Option::of(['rebuilt' => 'Rebuilt and pulled', 'notched' => 'Notched and split', 'welded' => 'Weld bead']),
                    ),
                )
                ->taking(15),
        );
    }

    private function say(Move $move): void
    {
        $words = $move->words;
        $this->add(
            Step::of('strip.'.$move->name, $words['title'], $words['detail'] ?? null)
                ->with(
                    ...array_filter([
                        'tool' => $words['tool'] ?? '',
                        'why' => $words['why'] ?? '',
                        'caution' => $words['caution'] ?? '',
                        'find' => $words['find'] ?? '',
                    ]),
                )
                ->ticked()
                ->taking($move->minutes),
        );
    }

    private function look(): void
    {
        // Whatever somebody added that no milestone names comes off before the looking.
        foreach ($this->stack->line() as $part) {
            if (! $this->isOff($part) && ! in_array($part->kind, [PartKind::Nipple], true)) {
                $part->kind->isCartridge() ? $this->bearing(Move::bearing($part->id, $part->side)) : $this->group([$part], []);
            }
        }
        $judged = Option::of(['use' => 'Use', 'note' => 'Use, and look again', 'replace' => 'Repair or replace']);
        $card = $this->bench->pattern->card();
        $bore = static fn (Side $side): Message => Message::of('look.bore', '{side} bore', [
            'side' => Message::plain($card->side($side)),
        ]);
        $seats =
            count($this->stack->cartridges()) === 1
                ? [Ask::choice(Places::LOOK_BORE_LEFT, 'Bore', $judged)]
                : [
                    Ask::choice(Places::LOOK_BORE_LEFT, $bore(Side::Left), $judged),
                    Ask::choice(Places::LOOK_BORE_RIGHT, $bore(Side::Right), $judged),
                ];
        $this->add(
            Step::of(
                'strip.look',
                'Clean and look',
                'Most of the bench time goes here. One part at a time, so that the order on the tray holds. Old grease out where it '
                    .'is dark, wet or gritty; solvent on the rag, none left in blind holes.',
            )
                ->with(
                    tool: 'Rags, brush, scuff pad',
                    caution: 'Gloves, air, no flame. Never spin a bearing with compressed air.',
                    find: 'Bright rings where it crept, rust at the lip, scores that catch a nail.',
                )
                ->asking(
                    ...$seats,
                    ...$this->stack->ofKind(PartKind::SnapRing) === []
                        ? []
                        : [Ask::choice(Places::LOOK_GROOVE, 'Ring groove', $judged, wanted: false)],
                    ...[
                        Ask::choice(Places::LOOK_AXLE, 'Axle or shaft', $judged, wanted: false),
                        Ask::text(Places::LOOK_NOTE, 'What was seen', wanted: false),
                    ],
                )
                ->taking(15),
        );
        if ($this->ways->has(Condition::Burst)) {
            $this->add(
                Step::of(
                    'strip.last_ball',
                    'Hunt the last ball',
                    'Lamp and magnet through the whole hub, then turn it over and tap it.',
                )
                    ->with(tool: 'Magnet, lamp')
                    ->asking(
                        Ask::choice(Places::BALLS_FOUND, 'All balls', Option::of(['all' => 'All found', 'missing' => 'Some missing'])),
                    )
                    ->judged($this->balls())
                    ->taking(3),
            );
        }
    }

    private function balls(): ?Verdict
    {
        return $this->bench->notebook->choice(Places::BALLS_FOUND) === 'missing'
            ? Verdict::stop(
                Message::of('strip.balls_missing', 'Balls are missing'),
                Message::of('strip.balls_missing.say', 'One that stays in the hub is driven into the new bearing.'),
            )->next(
                Message::of(
                    'strip.balls_missing.next',
                    'Magnet and lamp once more; open the hollow hub and shake it out. Then say that all are found.',
                ),
            )
            : null;
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

    private function add(Step $step, Need ...$needs): void
    {
        $this->steps[] = new PlannedStep($step, array_values($needs));
    }

    private function insertBefore(string $id, Step $step, Need ...$needs): void
    {
        foreach ($this->steps as $i => $planned) {
            if ($planned->step->id === $id) {
                array_splice($this->steps, $i, 0, [new PlannedStep($step, array_values($needs))]);

                return;
            }
        }
    }
}
