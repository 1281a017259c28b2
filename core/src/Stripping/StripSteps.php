<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Catalogue\BallCount;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubRole;
use CleanRace\Core\Patterns\MachineKind;
use CleanRace\Core\Patterns\Move;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tooling\Need;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Verdict\Message;

/** Single steps of a take-down, each with its words and its tools; {@see TakeDown} puts them in their order. */
final readonly class StripSteps
{
    public function __construct(private Bench $bench, private Ways $ways)
    {
    }

    /** @return list<PlannedStep> */
    public function safe(Move $move): array
    {
        $steps = [];
        $more = array_filter([
            $this->ways->has(Condition::Electric) ? 'Main switch off, key out, controller discharged by its manual.' : null,
            $this->ways->has(Condition::Disc) ? 'Nothing stands or lies on the disc; no grease or spray near it.' : null,
        ]);
        $steps[] = PlannedStep::of(
            Step::of(
                'strip.safe',
                'Make it safe',
                Message::listed([$move->words['detail'] ?? 'On a stand that cannot tip; what could roll is blocked.', ...$more], ' '),
            )
                ->with(tool: $this->stand(), caution: $this->safety())
                ->tickedByItself('It stands safe')
                ->taking(4),
        );
        if ($this->ways->has(Condition::Corroded) || $this->ways->has(Condition::Seized)) {
            $steps[] = PlannedStep::of(
                Step::of(
                    'strip.soak',
                    'Brush, soak, wait',
                    'Wire-brush every thread and ring edge bright, then penetrant. Before it is turned, not after the thread is stripped.',
                )
                    ->with(
                        tool: 'Wire brush, penetrant',
                        why: 'It creeps in while you do something else.',
                        caution: $this->bench->pattern->card()->isBraked()
                            ? 'Eyes covered. Keep it off disc, pads and tyre.'
                            : 'Eyes covered. Keep it off rubber.',
                    )
                    ->ticked('Soaking')
                    ->taking(4, 20),
            );
        }

        return $steps;
    }

    private function stand(): string
    {
        $card = $this->bench->pattern->card();

        return match (true) {
            $card->machine === MachineKind::Bicycle => 'Work stand, or the wheel on the bench',
            $card->role === HubRole::Idler => 'Stand; key out',
            default => 'Stand, straps, blocks',
        };
    }

    /** What can hurt while it is made safe: no jack where a wheel lies on the bench, no lever where there is no disc. */
    private function safety(): ?string
    {
        $lifted = $this->bench->pattern->card()->machine !== MachineKind::Bicycle;
        $words = [
            ...$lifted ? ['Never a jack alone.'] : [],
            ...$this->ways->has(Condition::Disc) ? ['Do not pull the brake lever while the disc is out.'] : [],
        ];

        return $words === [] ? null : implode(' ', $words);
    }

    /** An axle that will not move. */
    public function seized(Part $axle): PlannedStep
    {
        return PlannedStep::of(
            Step::of(
                'strip.seized',
                'Free what is seized',
                'Spindle or shaft bright, soaked. Start the ring with a punch behind it, then a puller whose legs stand behind '
                    .'the ring itself, thread guarded by its nut. Heat to the ring only. Last, grind a flat on the ring and split '
                    .'it.',
            )
                ->with(
                    tool: 'Jaw puller; chisel',
                    why: 'Hot, cold and hot again shifts what rust holds.',
                    caution: 'Eyes covered for grinding and splitting. No flame near solvent, rubber or grease.',
                    part: $axle->id,
                )
                ->ticked('It moves')
                ->taking(20, 10),
            Need::of(ToolKind::JawPuller),
            Need::of(ToolKind::Chisel),
        );
    }

    /** The spacer tube pushed aside, so that a drift has something to stand on. */
    public function crescent(): PlannedStep
    {
        return PlannedStep::of(
            Step::of('strip.crescent', 'Push the spacer tube aside', 'Bare a crescent of the far inner ring for the drift to stand on.')
                ->with(
                    tool: 'Finger, or wood; not steel',
                    part: 'sleeve',
                    find: 'If it will not move, the bearing is tight on it: use a puller.',
                )
                ->ticked('A crescent shows')
                ->taking(2),
        );
    }

    /** The hub warmed before its first bearing; hot water where it is plastic. */
    public function warm(Part $part): PlannedStep
    {
        $plastic = $this->ways->has(Condition::Plastic);

        return PlannedStep::of(
            ($plastic
                ? Step::of(
                    'strip.warm',
                    'Hot water on the wheel',
                    'Poured round the bore for a minute or two. Nothing hotter on plastic.',
                )
                : Step::of(
                    'strip.warm',
                    'Warm the {body}',
                    $this->ways->has(Condition::Painted)
                        ? 'Round and round the {body}, not the bearing, until a drop of water on it spits. Paint near: hot air only, '
                            .'and no hotter than it bears.'
                        : 'Round and round the {body}, not the bearing, until a drop of water on it spits. A sharp crack is the ring '
                            .'letting go.',
                )
            )
                ->with(
                    tool: $plastic ? 'Kettle' : 'Hot-air gun, thermometer',
                    why: 'Aluminium grows twice as fast as steel: the fit loosens by itself.',
                    caution: 'Gloves. No solvent or its vapour within reach, some brake cleaners make poison gas when heated; '
                        .'extinguisher at hand. A hot {body} looks like a cold one.',
                    part: $part->id,
                )
                ->ticked('It is warm')
                ->taking(3, 6),
            ...$plastic ? [] : [Need::of(ToolKind::HeatGun), Need::of(ToolKind::Thermometer)],
        );
    }

    /** @return list<PlannedStep> of a bearing whose balls are gone: nothing behind the outer ring to pull on. */
    public function burst(Part $part): array
    {
        $steps = [];
        $usual = BallCount::usual($part->sizes['bore'], $part->sizes['outside']);
        $balls = $usual->balls * ($part->kind === PartKind::DoubleRow ? 2 : 1);
        $steps[] = PlannedStep::of(
            Step::of(
                'strip.burst',
                'Collect the balls and count them',
                'Magnet and rag. A bearing of this size usually has {balls} balls of about {ball}, one more or less by maker. The '
                    .'last one hides in the {body}.',
                ['balls' => $balls, 'ball' => $usual->ball],
            )
                ->with(tool: 'Magnet, dish', why: 'A ball left in the {body} finds its way into the new bearing.', part: $part->id)
                ->asking(Ask::text(Places::BURST_COUNT, 'Balls found', hint: 'how many, and how wide'))
                ->judged(LookSteps::counted($this->bench->notebook->text(Places::BURST_COUNT), $balls))
                ->taking(4),
            Need::of(ToolKind::Magnet),
        );
        $steps[] = PlannedStep::of(
            Step::of(
                'strip.burst_out',
                'Give the ring something to be pulled by',
                'Inner ring back in with sticky grease, three or more balls spread evenly, the expanding puller in and tight; heat comes '
                    .'last, just before the pull. Or a notch '
                    .'ground in the ring on two sides, without touching the bore. Or a weld bead inside the ring, which shrinks it: '
                    .'only by someone who welds.',
            )
                ->with(
                    tool: 'Grease, puller; or small grinder',
                    caution: 'Eyes covered for grinding. Welding: rubber and grease protected, battery off.',
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

        return $steps;
    }

    /** The good one of two: looked after where it is. */
    public function kept(Part $part, Ask $left): PlannedStep
    {
        return PlannedStep::of(
            Step::of(
                'strip.'.$part->id,
                '{part} stays',
                'Only the bad one is done. Turn this one by finger, look at its seal, grease it, and leave it in.',
                ['part' => Message::plain($part->name)],
            )
                ->with(
                    find: 'Rough, notched, loose, a torn seal: then both are done.',
                    why: 'It is as old as the bad one and stood in the same water.',
                    part: $part->id,
                )
                ->asking(
                    $left,
                    Ask::choice(
                        Places::KEPT,
                        'Done for it',
                        Option::of([
                            'greased' => 'Greased, seal looked at',
                            'packed' => 'Opened, packed, closed',
                            'looked' => 'Only looked at',
                        ]),
                    ),
                )
                ->taking(4),
        );
    }

    /**
     * A step that the pattern words itself: joints are parted where they are in the way, cups taken out where they are in.
     *
     * @return list<PlannedStep> one, or none where it is not needed
     */
    public function say(Move $move): array
    {
        if (
            ($move->name === Move::JOINTS && ! $this->ways->has(Condition::Joints)) ||
            (in_array($move->name, Move::CUPS, true) && ! $this->bench->isStillCups())
        ) {
            return [];
        }
        $words = $move->words;

        $step = Step::of('strip.'.$move->name, $words['title'], $words['detail'] ?? null)
            ->with(
                ...array_filter([
                    'tool' => $words['tool'] ?? '',
                    'why' => $words['why'] ?? '',
                    'caution' => $words['caution'] ?? '',
                    'find' => $words['find'] ?? '',
                ]),
            )
            ->taking($move->minutes);

        // A joint that was parted is never passed over along with others.
        return [PlannedStep::of($move->name === Move::JOINTS ? $step->tickedByItself('Done') : $step->ticked())];
    }
}
