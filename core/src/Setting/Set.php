<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting;

use CleanRace\Core\Hub\Ask;
use CleanRace\Core\Hub\Captures;
use CleanRace\Core\Hub\Fastener;
use CleanRace\Core\Hub\Option;
use CleanRace\Core\Hub\Panel;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\Station;
use CleanRace\Core\Hub\StationReport;
use CleanRace\Core\Hub\Step;
use CleanRace\Core\Seating\PutIn;
use CleanRace\Core\Sizing\Seats;
use CleanRace\Core\Tooling\Bench;
use CleanRace\Core\Verdict\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** The sixth station: axle through, every fastener to its figure in its order, rings and pins seen. */
final readonly class Set
{
    public function report(Bench $bench): StationReport
    {
        $seated = array_map(static fn (array $one): string => $one[0]->id, PutIn::order($bench, (new Seats(Limits::standard()))->parts($bench)));
        $left = array_values(array_filter($bench->hub->stack->parts, static fn (Part $p): bool => $p->kind !== PartKind::Housing && ! in_array($p->id, $seated, true)));

        return StationReport::of(Station::Set, [
            Step::of('set.axle', 'Spacers, wheel, axle', 'Each spacer to its own side. The axle slides through by hand, thinly greased.')
                ->with(why: 'An axle that goes through only under blows means a sleeve askew, a burr, rust or a bend.', part: 'axle')
                ->asking(...array_map(static fn (Part $p): Ask => Ask::part($p, PartState::Fitted), $left))
                ->asking(Ask::choice('set.axle_passes', 'The axle went through', Option::of(['by_hand' => 'By hand', 'blows' => 'Only under blows'])))
                ->judged(self::axle($bench->notebook->choice('set.axle_passes')), self::missed($bench))->holdingStopsOnly(),
            ...array_map(fn (Fastener $f): Step => $this->fastener($bench, $f), $bench->pattern->fasteners()),
            Step::of('set.clamped', 'Clamped, does it turn free', 'Spin it with the axle nut at its figure.')
                ->with(why: 'The nut clamps the inner rings on the sleeve. It does not adjust anything.')
                ->asking(Ask::choice('set.turns', 'It turns', Option::of(['free' => 'Free', 'drags' => 'Drags'])), Ask::choice('set.pins', 'Pins and clips', Option::of(['new' => 'New and spread', 'none' => 'None here', 'old' => 'Old one again'])))
                ->judged(self::turns($bench->notebook->choice('set.turns')), self::pins($bench->notebook->choice('set.pins'))),
        ], $bench->notebook);
    }

    private function fastener(Bench $bench, Fastener $fastener): Step
    {
        return Step::of('set.'.$fastener->id, '{name} to its figure', 'Threads clean. The figure comes from the machine\'s manual; none found is an answer too.', ['name' => $fastener->name])
            ->with(tool: 'Torque wrench', caution: $fastener->id === 'caliper_bolts' ? 'Brakes: the manual and, where the law says so, a licensed person decide. Pump the lever after.' : null)
            ->on(Panel::Torques)
            ->asking(
                Ask::torque($fastener->place('torque'), 'Torque', wanted: false),
                Ask::choice($fastener->place('source'), 'From', Fastener::sources()),
                Ask::text($fastener->place('spanner'), 'Spanner', hint: '27, or 1 1/16')->borrowed(),
                Ask::text($fastener->place('thread'), 'Thread', hint: 'M16 × 1.5')->borrowed(),
                Ask::tick($fastener->place('done'), 'Tightened'),
            )->judged($this->tightened($bench, $fastener));
    }

    private function tightened(Bench $bench, Fastener $fastener): ?Verdict
    {
        $notebook = $bench->notebook;
        foreach ($bench->pattern->fasteners() as $earlier) {
            if ($earlier->id === $fastener->id) {
                break;
            }
            if ($notebook->done($fastener->place('done')) && ! $notebook->done($earlier->place('done'))) {
                return Verdict::stop(Message::of('torque.order', '{name} first', ['name' => $earlier->name]), Message::of('torque.order.say', 'Tightened before it, this one holds the fork legs where they should settle by themselves.'))
                    ->next(Message::of('torque.order.next', 'Loosen, then go through the list from the top.'));
            }
        }
        $torque = $notebook->torque($fastener->place('torque'));
        $source = $notebook->choice($fastener->place('source'));

        return match (true) {
            $source === null && $torque === null => null,
            $source === null => Verdict::care(Message::of('torque.source', 'Where does the figure come from'), Message::of('torque.source.say', 'A figure without its source is a guess to the next who reads it.')),
            $torque === null && $source !== 'none' => Verdict::care(Message::of('torque.missing', 'The figure is missing'), Message::of('torque.missing.say', 'Enter what the source says, or say that none was found.')),
            $torque === null => Verdict::go(Message::of('torque.none', 'No figure found'), Message::of('torque.none.say', 'Recorded as such: snug by the usual practice for its thread, and judged.')),
            default => Verdict::go(Message::of('torque.set', '{torque}', ['torque' => $torque]), Message::of('torque.set.say', 'Recorded with its source.')),
        };
    }

    /** Spacers, caps and axle ends go back to what was measured; what was skipped is missed here. */
    private static function missed(Bench $bench): ?Verdict
    {
        $missed = Captures::missed($bench->pattern, $bench->notebook);

        return $missed === [] ? null : Verdict::care(Message::of('capture.missing', 'Some things were not measured before', []), Message::of('capture.missing.say', 'Judge them by the other side, by the frame or by the manual, and say so.'))->because(...$missed);
    }

    private static function axle(?string $passes): ?Verdict
    {
        return match ($passes) {
            'by_hand' => Verdict::go(Message::of('axle.hand', 'Passes by hand'), Message::of('axle.hand.say', 'Sleeve and bearings are in line.')),
            'blows' => Verdict::stop(Message::of('axle.blows', 'It must slide'), Message::of('axle.blows.say', 'Sleeve askew, a burr, rust or a bend: find it before the nut hides it.')),
            default => null,
        };
    }

    private static function turns(?string $turns): ?Verdict
    {
        return match ($turns) {
            'free' => Verdict::go(Message::of('clamped.free', 'Turns free, clamped'), Message::of('clamped.free.say', 'The sleeve carries the clamping, the balls do not.')),
            'drags' => Verdict::stop(Message::of('clamped.drags', 'It drags when clamped'), Message::of('clamped.drags.say', 'The sleeve is short, askew, or missing. A loose nut does not cure it.'))
                ->next(Message::of('clamped.drags.next', 'Out again: second bearing, sleeve, measure.')),
            default => null,
        };
    }

    private static function pins(?string $pins): ?Verdict
    {
        return $pins === 'old' ? Verdict::stop(Message::of('pins.old', 'A new pin'), Message::of('pins.old.say', 'A split pin bends once. Fit a new one and spread it.')) : null;
    }
}
