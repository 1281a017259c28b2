<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\AlsoPart;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** The second station: the way it will go, the tools for it, then part by part onto the tray. */
final readonly class Strip
{
    private Ways $ways;

    /** @var list<PlannedStep> */
    private array $plan;

    public function __construct(private Bench $bench)
    {
        $this->ways = Ways::of($bench);
        $this->plan = TakeDown::plan($bench, $this->ways);
    }

    /** The station as it stands. */
    public function report(): StationReport
    {
        $steps = array_map(
            static fn (PlannedStep $p): Step => array_filter($p->step->asks, static fn (Ask $a): bool => $a->kind === AskKind::Part) ===
            []
                ? $p->step->holdingStopsOnly()
                : $p->step->on(Panel::Tray)->holdingStopsOnly(),
            $this->plan,
        );

        return StationReport::of(Station::Strip, [$this->way(), $this->tools(), ...$steps], $this->bench->notebook);
    }

    /** @return list<ToolLine> */
    public function toolLines(): array
    {
        return ToolCheck::lines($this->plan, $this->bench->wall);
    }

    private function way(): Step
    {
        $usual = Ways::usual($this->bench, $this->ways->conditions);
        $others = PlanChange::between($usual == $this->ways ? $this->plan : TakeDown::plan($this->bench, $usual), $this->plan);

        return Step::of(
            'strip.plan',
            'How it will come apart',
            'Say what state it is in. The plan follows, and changes at once when the way does.',
        )
            ->asking(
                ...[
                    Ask::choices(
                        Places::CONDITION,
                        'Condition',
                        array_map(
                            static fn (Condition $one): Option => new Option($one->value, $one->label()),
                            Condition::possible($this->bench->pattern->card(), $this->bench->hub->stack),
                        ),
                        wanted: false,
                    ),
                    ...$this->burst(),
                    ...$this->also(),
                    Ask::choice(
                        Places::WAY_OUT,
                        'Bearings out by',
                        Option::each(Extraction::class),
                        wanted: false,
                        hint: 'The shop\'s way: '.lcfirst($usual->extraction->label()),
                    ),
                    Ask::choice(
                        Places::HEAT_USED,
                        'Heat',
                        Option::each(Heat::class),
                        wanted: false,
                        hint: 'The shop\'s way: '.lcfirst($usual->heat->label()),
                    ),
                    ...$this->ways->isAs($usual) ? [] : [Ask::text(Places::WAY_OUT_WHY, 'Why another way', wanted: false)],
                ],
            )
            ->judged($this->judged($others))
            ->advice()
            // What lies on the tray came off in some way.
            ->throughOnce($this->bench->tray->left() !== [])
            ->markedDone(
                $this->bench->notebook->has(Places::CONDITION) ||
                    $this->bench->notebook->has(Places::WAY_OUT) ||
                    $this->bench->notebook->has(PlacesOf::done('strip.safe')) ||
                    $this->bench->tray->left() !== [],
            );
    }

    /** @return list<Ask> what some such hubs have and others lack */
    private function also(): array
    {
        $possible = AlsoPart::possible($this->bench->pattern);

        return $possible === []
            ? []
            : [
                Ask::choices(
                    Places::ALSO,
                    'In this one as well',
                    array_map(static fn (AlsoPart $one): Option => new Option($one->id, $one->name), $possible),
                    wanted: false,
                ),
            ];
    }

    /** @return list<Ask> which of two bearings burst */
    private function burst(): array
    {
        $rings = $this->bench->hub->stack->cartridges();

        return ! $this->ways->has(Condition::Burst) || count($rings) < 2
            ? []
            : [
                Ask::choice(
                    Places::BURST_WHICH,
                    'Which one burst',
                    [
                        ...array_map(
                            static fn (Part $p): Option => new Option($p->side->value, $p->name),
                            array_values(array_filter($rings, static fn (Part $p): bool => $p->side !== Side::Middle)),
                        ),
                        new Option('both', 'Both'),
                    ],
                    wanted: false,
                ),
            ];
    }

    private function judged(PlanChange $change): Verdict
    {
        $hand = array_sum(array_map(static fn (PlannedStep $p): int => $p->step->handMinutes, $this->plan));
        $wait = array_sum(array_map(static fn (PlannedStep $p): int => $p->step->waitMinutes, $this->plan));

        return Verdict::go(
            Message::of('plan.length', '{steps} steps, {hand} min of hands', ['steps' => count($this->plan), 'hand' => $hand]),
            $wait > 0
                ? Message::of('plan.waits', 'And {wait} min of waiting, which need not be stood beside.', ['wait' => $wait])
                : Message::of('plan.no_waits', 'Nothing to wait for.'),
        )->because(...$change->messages());
    }

    private function tools(): Step
    {
        return Step::of('strip.tools', 'Tools, before the first bolt', 'A missing big socket has cost more nuts than rust has.')
            ->on(Panel::Tools)
            ->ticked('They lie ready')
            ->judged(ToolCheck::verdict($this->toolLines()))
            ->advice()
            ->taking(3);
    }
}
