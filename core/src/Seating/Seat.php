<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating;

use CleanRace\Core\Hub\Ask;
use CleanRace\Core\Hub\Lane;
use CleanRace\Core\Hub\Option;
use CleanRace\Core\Hub\Panel;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\Places;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Station;
use CleanRace\Core\Hub\StationReport;
use CleanRace\Core\Hub\Step;
use CleanRace\Core\Sizing\Findings;
use CleanRace\Core\Sizing\FitFeel;
use CleanRace\Core\Tooling\Bench;
use CleanRace\Core\Tooling\Tool;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Verdict;

/** The fifth station: the first bearing home and its ring in, the sleeve, the second bearing just to the sleeve, the seals. */
final readonly class Seat
{
    public function report(Bench $bench, Findings $findings, Progress $progress): StationReport
    {
        $first = $findings->sizes->first;
        $second = $first->other();
        if (! $bench->isPair()) {
            return StationReport::of(Station::Seat, [$this->inOrder($bench)], $bench->notebook);
        }
        $parts = array_column($bench->hub->stack->parts, null, 'id');
        $fit = static fn (string $id): Ask => Ask::part($parts[$id], PartState::Fitted);
        $ring = 'snap_ring_'.$first->value;
        $covers = $bench->hub->stack->ofKind(PartKind::Seal, PartKind::Felt, PartKind::DustCap, PartKind::RingNut, PartKind::Nipple);

        return StationReport::of(Station::Seat, array_values(array_filter([
            Step::of('seat.clean', 'Clean, dry, a thin smear', 'Bore wiped, burrs off, a smear of grease on the wall. A load of it holds the ring off its ledge. With compound: dry and degreased instead.')
                ->with(find: 'Lint, grit, a burr at the mouth.')->ticked('Bore is ready'),
            $this->firstSide($bench, $first),
            $this->driver($bench, $progress),
            $this->warm($findings, $first),
            $this->start($bench, $progress, $first, 'first'),
            $this->home($bench, $progress, $first, $fit('bearing_'.$first->value)),
            isset($parts[$ring]) ? Step::of('seat.ring', 'Snap ring in', 'Sharp edge outward. Turn it, tap it, see it all round in its groove.')
                ->with(tool: 'Internal ring pliers', caution: 'It flies. Eyes covered.', part: $ring)
                ->asking($fit($ring), Ask::choice('seat.ring_seated', 'In its groove', Option::of(['all_round' => 'All round', 'not_all' => 'Not all round'])))
                ->judged(SeatVerdicts::ring($bench->notebook->choice('seat.ring_seated'))) : null,
            Step::of('seat.sleeve', 'Sleeve in, and look through', 'A dab of grease holds it central. Pass the axle or a drift to keep it in line.')
                ->with(why: 'A ledge stops the second bearing whether the sleeve is in or not: nothing will tell you later.', part: 'sleeve')
                ->asking($fit('sleeve'), Ask::choice(Places::LOOK_THROUGH, 'Looked through the hub', Option::of(['seen' => 'Sleeve seen', 'not_seen' => 'Not seen'])))
                ->judged($bench->notebook->choice(Places::LOOK_THROUGH) === 'not_seen' ? SecondBearing::sleeveMissing() : null),
            $this->start($bench, $progress, $second, 'second'),
            $this->drawSecond($bench, $progress, $second, $fit('bearing_'.$second->value)),
            $covers === [] ? null : Step::of('seat.seals', 'Seals, both sides', 'After both bearings, so that nothing hits them. Lips greased, spring inward, flush or to the depth measured before.')
                ->with(tool: 'Flat block; long lips by hand', part: $covers[0]->id)->asking(...array_map(static fn (Part $p): Ask => Ask::part($p, PartState::Fitted), $covers)),
        ])), $bench->notebook);
    }

    /** Every other hub: its parts in the order in which they go in. */
    private function inOrder(Bench $bench): Step
    {
        $order = $bench->pattern->assembly($bench->hub->first);
        $parts = array_values(array_filter($bench->hub->stack->line(), static fn (Part $p): bool => $p->kind->lane() !== Lane::Axle || $p->kind === PartKind::Sleeve));
        usort($parts, static fn (Part $a, Part $b): int => (array_search($a->id, $order, true) ?: 0) <=> (array_search($b->id, $order, true) ?: 0));

        return Step::of('seat.parts', 'Parts in, in their order', '{reason} Push on the ring whose fit is being made; drive a cocked one back out.', ['reason' => $bench->pattern->firstSideReason($bench->notebook)])
            ->with(why: 'Depths and squareness of this kind of hub are not worked out here yet: judge by hand and note it.', caution: 'Eyes covered for hammer and press alike. Stand aside of a press.')
            ->asking(...array_map(static fn (Part $p): Ask => Ask::part($p, PartState::Fitted), $parts))
            ->asking(Ask::text('seat.note', 'How it went in', wanted: false));
    }

    private function firstSide(Bench $bench, Side $first): Step
    {
        return Step::of('seat.first', ucfirst($first->value).' side first', '{reason} Blocks close round the bore, in line with the blow; disc, lip and axle clear.', ['reason' => $bench->pattern->firstSideReason($bench->notebook)])
            ->with(tool: 'Wood blocks or a ring', caution: 'Stand aside of a press. Eyes covered for hammer and press alike.', part: 'bearing_'.$first->value)
            ->ticked('Hub stands on its blocks');
    }

    private function driver(Bench $bench, Progress $progress): Step
    {
        return Step::of('seat.driver', 'Choose the driver', 'As wide as goes into the bore freely, on the outer ring only, clear of the seal.')
            ->with(why: 'Force on the inner ring passes through the balls and dents the tracks.')
            ->on(Panel::Driver)
            ->asking(Ask::choice('seat.driver', 'Driver', array_map(static fn (Tool $t): Option => new Option($t->id, $t->name), $bench->tools)))
            ->judged($this->driverVerdict($bench, $progress));
    }

    private function driverVerdict(Bench $bench, Progress $progress): Verdict
    {
        $choice = $progress->driver();
        $chosen = $bench->notebook->choice('seat.driver');
        foreach ($choice->tools as $tool) {
            if ($tool->id === $chosen && $chosen !== $choice->best) {
                return SeatVerdicts::otherDriver($tool);
            }
        }

        return $choice->verdict;
    }

    private function warm(Findings $findings, Side $first): Step
    {
        $heat = $findings->heat($first);

        return ($heat === null || $heat->rise->kelvin <= 0
            ? Step::of('seat.warm', 'Warm the hub, or not', 'Not needed where the bearing starts by hand. Warmth helps any tight fit.')
            : Step::of('seat.warm', 'Hub to {t}', 'Then the bearing drops in, or takes little force. Warm the hub, not the bearing.', ['t' => $heat->target]))
            ->with(tool: 'Hot-air gun, thermometer', caution: 'Gloves; no solvent or its vapour; never past what paint and rubber bear. Bearings never over 80 °C when sealed.')
            ->asking(Ask::choice('seat.warmed', 'Hub', Option::of(['warm' => 'Warm', 'cold' => 'Left cold'])))->judged($heat?->verdict)->advice();
    }

    private function start(Bench $bench, Progress $progress, Side $side, string $which): Step
    {
        $verdict = $progress->square($side, 'start')?->verdict;
        $sleeve = $which === 'second' && $verdict !== null && ! $progress->sleeveIn() ? SecondBearing::sleeveMissing() : null;
        $home = $which === 'first' ? $progress->home($side)?->verdict : $progress->second();
        $step = Step::of("seat.{$side->value}.start", "Start the $which bearing square", 'By hand, wiggle until it feels level. Light taps all round. Read from the hub face to the outer ring, or look across it.')
            ->with(caution: 'Never force a cocked ring straight: drive it back out.', part: 'bearing_'.$side->value)
            ->on(Panel::Clock)
            ->asking(...[...$this->clockAsks($side, 'start'), Ask::choice(Places::feel($side->value), 'How it goes in', Option::each(FitFeel::class))->borrowed()])
            ->judged($sleeve, $verdict);

        return $home?->level === Level::Go && $sleeve === null ? $step->advice() : $step;
    }

    private function home(Bench $bench, Progress $progress, Side $side, Ask $fitted): Step
    {
        return Step::of("seat.{$side->value}.home", 'Down to its ledge', 'The note goes dull and low, the handle stiffens at once. Stop at the first sharp rise, whatever the gauge says.')
            ->with(tool: 'The driver; feeler', find: 'The ring groove shows in full.', part: 'bearing_'.$side->value)
            ->on(Panel::Clock)
            ->asking(...[...$this->clockAsks($side, 'home'), Ask::choices("seat.{$side->value}.home.signs", 'What hands and ears tell', Option::each(HomeSign::class), wanted: false), $fitted])
            ->judged($progress->home($side)?->verdict, $progress->square($side, 'home')?->verdict);
    }

    private function drawSecond(Bench $bench, Progress $progress, Side $side, Ask $fitted): Step
    {
        return Step::of("seat.{$side->value}.home", 'The second, just to the sleeve', 'Its inner ring comes to rest on the sleeve. Creep the last part by hand: a bite of the draw nut, back off, try the sleeve.')
            ->with(tool: 'Draw bolt, by hand', why: 'Too far squeezes the pair, and it cannot be drawn back.', part: 'bearing_'.$side->value)
            ->on(Panel::Clock)
            ->asking(...[...$this->clockAsks($side, 'home'), Ask::choices('seat.pair_feel', 'How the pair feels', Option::each(PairFeel::class), wanted: false), $fitted])
            ->judged($progress->second(), $progress->square($side, 'home')?->verdict);
    }

    /** @return list<Ask> */
    private function clockAsks(Side $side, string $stage): array
    {
        $at = "seat.{$side->value}.$stage";
        $depths = array_map(static fn (string $hour): Ask => Ask::depth("$at.$hour", "Depth at $hour", wanted: false, at: $hour), Progress::HOURS);
        $hours = array_map(static fn (int $h): Option => new Option((string) $h, (string) $h), [12, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11]);

        return [...$depths,
            Ask::choice("$at.eye", 'By eye', Option::of(['level' => 'Level all round', 'proud' => 'Proud on one side', 'cocked' => 'Plainly cocked']), wanted: false),
            Ask::choice("$at.eye_clock", 'Proud at', $hours, wanted: false),
        ];
    }
}
