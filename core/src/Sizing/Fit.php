<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing;

use CleanRace\Core\Calculator\Calculator;
use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Catalogue\Tolerances;
use CleanRace\Core\Measure\Belief;
use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/** C6: does the bore hold the ring, from readings, from how it goes in, or from what makers bore to. */
#[Calculator('fit', 'Fit of a ring in its bore', 'size', 'Interference from readings and from how it goes in.', ['outside_mm' => 47, 'bore_mm' => 46.98, 'feel' => 'firm_driving'])]
final readonly class Fit
{
    private const ROOM_C = 20.0;

    public function __construct(private Limits $limits, private Tolerances $tolerances = new Tolerances)
    {
    }

    /** @throws Nonsense when the standard's tables do not reach the size */
    public function work(FitInput $input): FitResult
    {
        [$nominalLow, $nominalHigh] = $this->tolerances->nominalInterference($input->outside, $input->holeClass->value);
        $read = $this->fromReadings($input);
        $belief = $this->believe($input, $read, [$nominalLow, $nominalHigh]);
        $fit = $belief->estimate();
        $grips = $belief->probabilityAtLeast($this->limits->get('fit.grip_go'));
        $bears = $belief->probabilityAtLeast($this->limits->get('fit.grip_creep'));
        $loose = $read !== null && $read->mean + $read->spread() < $this->limits->get('fit.grip_creep');
        $level = $this->limits->level($grips, $bears, $loose || $input->feel?->meansLoose() === true);

        $growth = $input->outside->mm * ($input->material->alpha() - Material::Steel->alpha());
        $room = $input->room->celsius ?? self::ROOM_C;
        $at = fn (string $name): float => $fit->mean - $growth * ($this->limits->get($name) - $room);
        $letsGo = $level === Level::Go && $at('fit.warm_c') < $this->limits->get('fit.grip_creep');

        $verdict = match (true) {
            $belief->clashes => $this->clash($fit, $read),
            $letsGo => $this->letsGoWarm(),
            default => $this->judged($level, $fit, $input),
        };

        return FitResult::of($fit, $at('fit.cold_c'), $at('fit.warm_c'), $grips, $verdict
            ->showing(
                Figure::of('interference', 'Interference', Length::mm($fit->mean), $fit->spread(), 3),
                Figure::of('nominal_low', 'As makers bore it, least', Length::mm($nominalLow), null, 3),
                Figure::of('nominal_high', 'As makers bore it, most', Length::mm($nominalHigh), null, 3),
                Figure::of('warm', 'Left at 60 °C', Length::mm($at('fit.warm_c')), null, 3),
            )
            ->settledBy($verdict->level === Level::Go ? null : Message::of('fit.settle', 'A bore gauge or an inside micrometer settles it alone; how the ring goes in tells most of it.'))
            ->workedOut($this->working($input, $read, $fit, $grips)));
    }

    private function fromReadings(FitInput $input): ?Estimate
    {
        if ($input->bore === null) {
            return null;
        }
        $outside = $input->outsideMeasured?->estimate() ?? $this->tolerances->outside($input->outside);

        return $outside->minus($input->bore->estimate());
    }

    /** @param  array{float, float}  $nominal */
    private function believe(FitInput $input, ?Estimate $read, array $nominal): Belief
    {
        $soft = $this->limits->get('fit.feel_edge');
        $belief = Belief::between(-0.30, 0.15, 301);
        if ($read !== null) {
            $belief = $belief->reading(new Estimate(max(-0.29, min(0.14, $read->mean)), $read->sigma));
        }
        if ($input->feel !== null) {
            $belief = $belief->band(...[...$input->feel->band(), $soft]);
        }

        return $read === null && $input->feel === null ? $belief->band($nominal[0], $nominal[1], $soft) : $belief;
    }

    private function judged(Level $level, Estimate $fit, FitInput $input): Verdict
    {
        $gap = ['gap' => Length::mm(abs($fit->mean))];
        if ($level === Level::Go) {
            return Verdict::go(Message::of('fit.holds', 'The bore will hold it'), Message::of('fit.holds.say', 'The ring is larger than its bore and grips.'));
        }
        if ($level === Level::Stop && $fit->mean < $this->limits->get('fit.compound_reach')) {
            return Verdict::stop(Message::of('fit.worn', 'Too loose: sleeve it or replace it'), Message::of('fit.worn.say', 'The bore is {gap} too large, more than a compound fills.', $gap))
                ->next(Message::of('fit.worn.next', 'Have the bore sleeved, or fit another hub. Tell the owner before going on.'));
        }
        if ($level === Level::Stop && ! $input->compound) {
            return Verdict::stop(Message::of('fit.loose', 'The bore will not hold it'), Message::of('fit.loose.say', 'The bore is about {gap} larger than the ring: it will turn and wear on.', $gap))
                ->next(Message::of('fit.loose.next', 'Retaining compound rated for {gap}, dry and degreased, and said to the owner; or a sleeve; or another hub.', $gap));
        }
        if ($level === Level::Stop) {
            return Verdict::care(Message::of('fit.glued', 'Held by compound only'), Message::of('fit.glued.say', 'The bore is about {gap} loose. The owner must know, and heat will be needed to get it out.', $gap));
        }
        if ($input->bore === null && $input->feel === null) {
            return Verdict::care(Message::of('fit.unknown', 'Not measured yet'), Message::of('fit.unknown.say', 'Shown is what makers bore to. How the ring starts tells more than a table.'))
                ->next(Message::of('fit.unknown.next', 'Try the new ring at the mouth, or measure the bore.'));
        }

        return Verdict::care(Message::of('fit.doubt', 'It may creep'), Message::of('fit.doubt.say', 'The readings cannot tell a light grip from none.'))
            ->next(Message::of('fit.doubt.next', 'If it starts by hand and slides, use retaining compound; if it wants firm driving, go on.'));
    }

    private function letsGoWarm(): Verdict
    {
        return Verdict::care(Message::of('fit.warm', 'Holds cold, lets go when hot'), Message::of('fit.warm.say', 'The hub grows more than the ring. Long braking may free it.'))
            ->next(Message::of('fit.warm.next', 'Retaining compound, or look again after the first long ride.'));
    }

    private function clash(Estimate $fit, ?Estimate $read): Verdict
    {
        return Verdict::care(
            Message::of('fit.clash', 'Readings and hands disagree'),
            Message::of('fit.clash.say', 'The readings say {read}, the hands something else. One of them is wrong.', ['read' => Length::mm($read->mean ?? $fit->mean)]),
        )->next(Message::of('fit.clash.next', 'Clean the bore and measure it again at the bottom and at the mouth.'));
    }

    private function working(FitInput $input, ?Estimate $read, Estimate $fit, float $grips): Working
    {
        $working = Working::start();
        if ($read !== null && $input->bore !== null) {
            $outside = $input->outsideMeasured->value->mm ?? $this->tolerances->outside($input->outside)->mean;
            $working = $working->line('From readings', 'outside − bore', sprintf('%.4f − %.3f', $outside, $input->bore->value->mm), Length::mm($read->mean), 4);
        }
        if ($input->feel !== null) {
            [$low, $high] = $input->feel->band();
            $working = $working->line('From hands', 'band of interference', $input->feel->label(), sprintf('%+.3f … %+.3f mm', $low, $high));
        }

        return $working
            ->line('Together', 'product of the evidence', sprintf('± %.3f', $fit->spread()), Length::mm($fit->mean), 4)
            ->line('Grips', 'P(interference ≥ limit)', sprintf('limit %+.3f mm', $this->limits->get('fit.grip_go')), sprintf('%.0f%%', 100 * $grips));
    }
}
