<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Hub\Drawing\BearingDrawer;
use CleanRace\Core\Hub\Drawing\HousingDrawer;
use CleanRace\Core\Hub\Drawing\Outline;
use CleanRace\Core\Hub\Drawing\PartDrawer;
use CleanRace\Core\Hub\Drawing\Piece;
use CleanRace\Core\Hub\Drawing\Section;
use CleanRace\Core\Hub\Drawing\Standing;
use CleanRace\Core\Hub\Layout;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Tray;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Verdict\Message;

/** Draws a hub in half-section: every part at its place, from its sizes, from where parts are and how bearings stand. */
final readonly class SectionMaker
{
    private Layout $layout;

    public function __construct(private Hub $hub, private Tray $tray, private Notebook $notebook)
    {
        $this->layout = $hub->layout();
    }

    /** @param  array<string, Standing>  $standing how a bearing stands, by part, where it was read */
    public function section(array $standing = []): Section
    {
        $housing = $this->hub->stack->one(PartKind::Housing);
        $ordered = [
            ...$this->hub->stack->ofKind(PartKind::Housing),
            ...$this->hub->stack->ofKind(PartKind::Axle),
            ...$this->hub->stack->line(),
            ...$this->hub->stack->around(),
        ];
        $pieces = [];
        foreach ($ordered as $part) {
            $pieces[] = $this->piece($part, $standing[$part->id] ?? null, $housing);
        }
        $from = min([0.0, ...array_map(static fn (Piece $p): float => $p->from->mm, $pieces)]);
        $to = max([1.0, ...array_map(static fn (Piece $p): float => $p->to->mm, $pieces)]);
        $card = $this->hub->pattern->card();

        return new Section(
            Length::mm($from),
            Length::mm($to),
            Length::mm(max([5.0, ...array_map(static fn (Piece $p): float => $p->outer->mm, $pieces)])),
            $pieces,
            (new SectionSpans($this->hub, $this->notebook, $this->layout))->spans($housing),
            (new SectionSpans($this->hub, $this->notebook, $this->layout))->gaps(),
            $card->left,
            $card->right,
            $card->sure ? null : Message::of('hub.outline', 'Only an outline: how it is built is not said yet'),
        );
    }

    private function piece(Part $part, ?Standing $standing, ?Part $housing): Piece
    {
        [$from, $to] = $this->layout->at[$part->id] ?? [0.0, $part->along()];
        if ($standing !== null && $housing !== null) {
            [$from, $to] =
                $part->side === Side::Right
                    ? [$housing->mm('length') - $standing->depth->mm - $part->along(), $housing->mm('length') - $standing->depth->mm]
                    : [$standing->depth->mm, $standing->depth->mm + $part->along()];
        }
        $outlines = $this->outlines($part, $from, $to, $housing);
        [$inner, $outer] = self::radii($part, $outlines);
        $state = $this->tray->state($part->id);
        // A bearing whose depth is read stands in the hub, whatever became of the old one.
        $state = $standing !== null && $state === PartState::OnTray ? PartState::Fitted : $state;

        return new Piece(
            $part->id,
            $part->kind,
            $part->name,
            $part->side,
            $state,
            Length::mm($from),
            Length::mm($to),
            Length::mm($inner),
            Length::mm($outer),
            $outlines,
            $standing?->angle,
            $standing?->highSide,
        );
    }

    /** @return list<Outline> */
    private function outlines(Part $part, float $from, float $to, ?Part $housing): array
    {
        if ($part->kind === PartKind::Housing) {
            return HousingDrawer::draw($part, $this->hub->stack, $this->layout);
        }
        if ($part->kind === PartKind::Axle) {
            return (new AxleOutline($this->hub, $this->layout))->axle($part, $from, $to);
        }
        $right = $part->side === Side::Right;
        $drawn = match ($part->kind) {
            PartKind::Cup, PartKind::Cone => $this->loose($part, $from, $to, $right),
            default => PartDrawer::draw($part),
        };
        $lift = $part->kind === PartKind::Nipple && $housing !== null ? $this->wall($from + ($to - $from) / 2) : 0.0;

        return array_map(static fn (Outline $o): Outline => self::placed($o, $from, $to, $right, $lift), $drawn);
    }

    /** @return list<Outline> */
    private function loose(Part $part, float $from, float $to, bool $right): array
    {
        $balls = $this->ballsBeside($part);
        $ball = ($balls?->mm('ball') ?? 6.0) / 2;
        [$bf, $bt] = $balls === null ? [$from, $to] : $this->layout->at[$balls->id];
        $middle = $right ? $to - ($bf + $bt) / 2 : ($bf + $bt) / 2 - $from;
        $pitch = $balls === null ? ($part->mm('outside') + $part->mm('bore')) / 4 : $balls->mm('circle') / 2;

        return $part->kind === PartKind::Cup
            ? BearingDrawer::cup($part, $middle, $pitch, $ball)
            : BearingDrawer::cone($part, $middle, $pitch, $ball);
    }

    private function ballsBeside(Part $part): ?Part
    {
        foreach ($this->layout->rows as $row) {
            if (isset($row->pieces[$part->id])) {
                foreach (array_keys($row->pieces) as $id) {
                    $beside = $this->hub->stack->find($id);
                    if ($beside?->kind === PartKind::Balls) {
                        return $beside;
                    }
                }
            }
        }

        return null;
    }

    /** Outer radius of the housing at a place along it. */
    private function wall(float $along): float
    {
        $housing = $this->hub->stack->one(PartKind::Housing);
        $corners = $housing === null ? [] : HousingDrawer::draw($housing, $this->hub->stack, $this->layout)[0]->corners();
        $above = 0.0;
        foreach ($corners as $i => [$x, $r]) {
            [$nx, $nr] = $corners[($i + 1) % count($corners)];
            if (min($x, $nx) <= $along && $along <= max($x, $nx) && $nx !== $x) {
                $above = max($above, $r + (($nr - $r) * ($along - $x)) / ($nx - $x));
            }
        }

        return $above;
    }

    private static function placed(Outline $outline, float $from, float $to, bool $right, float $lift): Outline
    {
        $corners = array_map(static fn (array $p): array => [$right ? $to - $p[0] : $from + $p[0], $p[1] + $lift], $outline->corners());

        return $outline->round === null
            ? Outline::of($outline->hatch, $corners)
            : Outline::circle($outline->hatch, $corners[0][0], $corners[0][1], $outline->round);
    }

    /**
     * @param  list<Outline>  $outlines
     * @return array{float, float}
     */
    private static function radii(Part $part, array $outlines): array
    {
        $radii = [];
        foreach ($outlines as $outline) {
            foreach ($outline->corners() as [, $r]) {
                $radii[] = $r - ($outline->round ?? 0.0);
                $radii[] = $r + ($outline->round ?? 0.0);
            }
        }

        return $radii === [] ? [0.0, $part->mm('outside') / 2] : [max(0.0, min($radii)), max($radii)];
    }
}
