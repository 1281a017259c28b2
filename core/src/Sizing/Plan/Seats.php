<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Plan;

use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;
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
            $ring = $this->ring($bench, $part, $seat);
            $grips = SeatUse::of($bench, $key, $seat)->grips();
            $steps[] = Step::of(
                "size.$key.seat",
                match (true) {
                    ! $grips => 'Does it slide on: {part}',
                    $seat === RingSeat::Bore => 'Will the bore hold: {part}',
                    default => 'Will the shaft hold: {part}',
                },
                $grips
                    ? 'Up to three depths, three directions; or none, and how a ring goes.'
                    : 'By hand or light taps, then its nut clamps it; on some it is pressed: say so below.',
                ['part' => Message::within($part->name)],
            )
                ->with(
                    tool: $seat === RingSeat::Bore ? 'Caliper with sharp jaws, or a bore gauge' : 'Micrometer',
                    find: 'Bright rings, grip at the mouth only, rust at the lip.',
                    why: $grips ? 'Pressed here: {fit}.' : null,
                    part: $part->id,
                    values: $grips ? ['fit' => Message::plain($bench->pattern->card()->fit)] : [],
                )
                ->on(Panel::Survey)
                ->asking(...$ring->survey->asks())
                ->judged(...$this->verdicts($ring))
                ->advice()
                ->optional();
        }

        return $steps;
    }

    /** @return list<SeatFinding> */
    public function findings(Bench $bench): array
    {
        $findings = [];
        foreach ($this->pressed($bench) as [$part, $seat]) {
            $ring = $this->ring($bench, $part, $seat);
            $findings[] = SeatFinding::of(self::key($part, $seat), $seat, $ring->survey->survey(), $ring->fit());
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
                $all[] = new PressedSeat(
                    $side->value,
                    $part,
                    $seat,
                    $size->bore,
                    $size->outside,
                    $findings->sizes->width($side),
                    $size->isThin(),
                    $findings->fit($side),
                    $findings->heat($side),
                    $findings->force($side),
                );

                continue;
            }
            $ring = $this->ring($bench, $part, $seat);
            $fit = $ring->fit();
            $heat = $fit === null || $seat === RingSeat::Shaft ? null : $ring->heat($fit);
            $all[] = new PressedSeat(
                self::key($part, $seat),
                $part,
                $seat,
                Length::mm($part->mm('bore') > 0 ? $part->mm('bore') : self::CUP_INSIDE * $part->mm('outside')),
                Length::mm($part->mm('outside')),
                Length::mm($part->mm('width')),
                (new BearingTable())->measuring($part->mm('bore'), $part->mm('outside'), $part->mm('width'))?->isThin() ?? false,
                $fit,
                $heat,
                $fit === null ? null : $ring->force($fit),
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
            // What is good stays in: nothing is pressed then.
            if ($bench->stays($part) || ($isCup && $bench->tray->state($part->id) === PartState::NotThere)) {
                continue;
            }
            foreach (
                $part->kind->isCartridge() || $part->kind === PartKind::Bush ? $grips : ($isCup ? [RingSeat::Bore] : []) as $seat
            ) {
                $pressed[] = [$part, $seat];
            }
        }

        return $pressed;
    }

    private static function key(Part $part, RingSeat $seat): string
    {
        return $seat === RingSeat::Bore ? $part->id : $part->id.'_shaft';
    }

    private function ring(Bench $bench, Part $part, RingSeat $seat): RingInSeat
    {
        return new RingInSeat(
            $this->limits,
            $bench,
            self::key($part, $seat),
            $seat,
            Length::mm($part->mm('bore')),
            Length::mm($part->mm('outside')),
            Length::mm($part->mm('width')),
            SeatUse::of($bench, self::key($part, $seat), $seat),
            SeatUse::made($part, $seat),
        );
    }

    /** @return list<Verdict> fit first, then the survey, heat and force */
    private function verdicts(RingInSeat $ring): array
    {
        $fit = $ring->fit();
        $heat = $fit === null ? null : $ring->heat($fit);
        $force = $fit === null ? null : $ring->force($fit);

        return array_values(
            array_filter([
                $ring->survey->warmVerdict(),
                $fit?->verdict,
                $ring->survey->survey()?->verdict,
                $heat?->verdict,
                $force?->verdict,
            ]),
        );
    }
}
