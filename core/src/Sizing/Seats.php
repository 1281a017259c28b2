<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing;

use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Hub\Panel;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\Step;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Tooling\Bench;
use CleanRace\Core\Verdict\Limits;
use CleanRace\Core\Verdict\Verdict;

/** The pressed seats of a hub: which rings grip comes from its pattern, whether they will from readings and hands. */
final readonly class Seats
{
    /** Inside of a cup, as a share of its outside, where nobody measured it. */
    private const CUP_INSIDE = 0.8;

    public function __construct(private Limits $limits)
    {
    }

    /** @return list<Step> one for each pressed seat */
    public function steps(Bench $bench): array
    {
        $steps = [];
        foreach ($this->pressed($bench) as [$part, $seat]) {
            $key = self::key($part, $seat);
            $survey = $this->survey($bench, $part, $seat);
            $where = $seat === RingSeat::Bore ? 'bore' : 'shaft';
            $steps[] = Step::of("size.$key.seat", 'Will the {where} hold: {part}', 'Up to three depths, three directions; or none, and how a ring goes.', ['where' => $where, 'part' => lcfirst($part->name)])
                ->with(
                    tool: $seat === RingSeat::Bore ? 'Caliper with sharp jaws, or a bore gauge' : 'Micrometer', find: 'Bright rings, grip at the mouth only, rust at the lip.',
                    why: 'Pressed here: {fit}.', part: $part->id, values: ['fit' => $bench->pattern->card()->fit],
                )
                ->on(Panel::Survey)
                ->asking(...$survey->asks())
                ->judged(...$this->verdicts($bench, $part, $seat, $survey))
                ->advice()->optional();
        }

        return $steps;
    }

    /** @return list<SeatFinding> */
    public function findings(Bench $bench): array
    {
        $findings = [];
        foreach ($this->pressed($bench) as [$part, $seat]) {
            $survey = $this->survey($bench, $part, $seat);
            $findings[] = SeatFinding::of(self::key($part, $seat), $seat, $survey->survey(), $this->fit($bench, $part, $seat, $survey));
        }

        return $findings;
    }

    /** @return list<PressedSeat> in the order of the hub, with what was found of each */
    public function all(Bench $bench, Findings $findings): array
    {
        $all = [];
        foreach ($this->pressed($bench) as [$part, $seat]) {
            $side = $part->side;
            if ($bench->isPair() && $seat === RingSeat::Bore && $part->kind->isCartridge()) {
                $size = $findings->sizes->bearing($side);
                $all[] = new PressedSeat($side->value, $part, $seat, $size->bore, $size->outside, $findings->sizes->width($side), $size->isThin(), $findings->fit($side), $findings->heat($side), $findings->force($side));

                continue;
            }
            $fit = $this->fit($bench, $part, $seat, $this->survey($bench, $part, $seat));
            $heat = $fit === null || $seat === RingSeat::Shaft ? null : $this->heat($bench, $part, $fit);
            $all[] = new PressedSeat(
                self::key($part, $seat), $part, $seat, Length::mm($part->mm('bore') > 0 ? $part->mm('bore') : self::CUP_INSIDE * $part->mm('outside')), Length::mm($part->mm('outside')), Length::mm($part->mm('width')),
                (new BearingTable)->measuring($part->mm('bore'), $part->mm('outside'), $part->mm('width'))?->isThin() ?? false, $fit, $heat, $fit === null ? null : $this->force($bench, $part, $seat, $fit),
            );
        }

        return $all;
    }

    /** @return list<string> parts that are pressed where they sit */
    public function parts(Bench $bench): array
    {
        return array_values(array_unique(array_map(static fn (array $one): string => $one[0]->id, $this->pressed($bench))));
    }

    /** @return list<array{Part, RingSeat}> rings that are pressed, in the order of the hub */
    private function pressed(Bench $bench): array
    {
        $grips = $bench->pattern->card()->grips;
        $pressed = [];
        foreach ($bench->hub->stack->line() as $part) {
            $isCup = in_array($part->kind, [PartKind::TaperCup, PartKind::Cup], true);
            foreach ($part->kind->isCartridge() || $part->kind === PartKind::Bush ? $grips : ($isCup ? [RingSeat::Bore] : []) as $seat) {
                $pressed[] = [$part, $seat];
            }
        }

        return $pressed;
    }

    private static function key(Part $part, RingSeat $seat): string
    {
        return $seat === RingSeat::Bore ? $part->id : $part->id.'_shaft';
    }

    private function survey(Bench $bench, Part $part, RingSeat $seat): SeatSurvey
    {
        return new SeatSurvey($this->limits, $bench->notebook, self::key($part, $seat), $seat, Length::mm($part->mm($seat === RingSeat::Bore ? 'outside' : 'bore')));
    }

    /** @return list<Verdict> fit first, then the survey, heat and force */
    private function verdicts(Bench $bench, Part $part, RingSeat $seat, SeatSurvey $survey): array
    {
        $fit = $this->fit($bench, $part, $seat, $survey);
        if ($fit === null) {
            return array_values(array_filter([$survey->warmVerdict(), $survey->survey()?->verdict]));
        }
        $heat = $seat === RingSeat::Bore
            ? $this->heat($bench, $part, $fit)
            : (new RingHeat($this->limits))->work(new RingHeatInput(Length::mm($part->mm('bore')), Length::mm(max(0.0, $fit->interference->mm)), true, $bench->notebook->temperature(Places::ROOM)));

        return array_values(array_filter([$survey->warmVerdict(), $fit->verdict, $survey->survey()?->verdict, $heat->verdict, $this->force($bench, $part, $seat, $fit)?->verdict]));
    }

    private function heat(Bench $bench, Part $part, FitResult $fit): HeatResult
    {
        return (new Heat($this->limits))->work(new HeatInput(
            Length::mm($part->mm('outside')), Length::mm(max(0.0, $fit->interference->mm)), Finder::material($bench), $bench->notebook->temperature(Places::ROOM),
            HubFinish::tryFrom($bench->notebook->choice(Places::FINISH) ?? '') ?? HubFinish::Paint,
        ));
    }

    private function fit(Bench $bench, Part $part, RingSeat $seat, SeatSurvey $survey): ?FitResult
    {
        $measured = $survey->deciding();
        if ($measured === null && $survey->feel() === null) {
            return null;
        }
        $room = $bench->notebook->temperature(Places::ROOM);
        try {
            return $seat === RingSeat::Bore
                ? (new Fit($this->limits))->work(new FitInput(Length::mm($part->mm('outside')), $measured, null, $survey->feel(), HoleClass::N7, Finder::material($bench), $room, $survey->compound()))
                : (new ShaftFit($this->limits))->work(new ShaftFitInput(Length::mm($part->mm('bore')), $measured, null, $survey->feel(), room: $room, compound: $survey->compound()));
        } catch (Nonsense) {
            return null;
        }
    }

    private function force(Bench $bench, Part $part, RingSeat $seat, FitResult $fit): ?PressForceResult
    {
        if ($part->mm('bore') <= 0) {
            return null;
        }
        try {
            return (new PressForce($this->limits))->work(new PressForceInput(
                Length::mm($part->mm('bore')), Length::mm($part->mm('outside')), Length::mm($part->mm('width')), $fit->interference,
                $bench->notebook->length(Places::HUB_OUTSIDE) ?? Length::mm($bench->hub->stack->one(PartKind::Housing)?->mm('outside') ?? 0.0),
                Length::mm($fit->interferenceHigh->mm - $fit->interference->mm), $seat === RingSeat::Bore ? Finder::material($bench) : null,
                pressCapacity: $bench->pressCapacity, drawBolt: $bench->drawBolt, seat: $seat,
            ));
        } catch (Nonsense) {
            return null;
        }
    }
}
