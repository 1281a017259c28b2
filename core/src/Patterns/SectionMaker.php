<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Hub\Drawing\BearingDrawer;
use CleanRace\Core\Hub\Drawing\Hatch;
use CleanRace\Core\Hub\Drawing\HousingDrawer;
use CleanRace\Core\Hub\Drawing\Outline;
use CleanRace\Core\Hub\Drawing\PartDrawer;
use CleanRace\Core\Hub\Drawing\Piece;
use CleanRace\Core\Hub\Drawing\Section;
use CleanRace\Core\Hub\Drawing\Span;
use CleanRace\Core\Hub\Drawing\SpanOf;
use CleanRace\Core\Hub\Drawing\Standing;
use CleanRace\Core\Hub\Lane;
use CleanRace\Core\Hub\Layout;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Tray;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Verdict\Message;

/** Draws a hub in half-section: every part at its place, from its sizes, from where parts are and how bearings stand. */
final readonly class SectionMaker
{
    /** Less than this nobody can see or feel, in mm. */
    private const LEAST_GAP = 0.05;

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
            $this->spans($housing),
            $this->gaps(),
            $card->left,
            $card->right,
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
            return $this->axle($part, $from, $to);
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

    /** @return list<Outline> */
    private function axle(Part $part, float $from, float $to): array
    {
        $r = $part->mm('diameter') / 2;
        $c = min(1.5, 0.2 * $r);
        [$lf, $lr] = $this->end($part, $from, $to, -1);
        [$rf, $rr] = $this->end($part, $from, $to, 1);
        [$sf, $st, $s] = [$this->layout->shoulderFrom, $this->layout->shoulderTo, $part->mm('shoulder_diameter') / 2];
        $top = [[$from, $lr - $c], [$from + $c, $lr], ...$lf > $from + $c ? [[$lf, $lr], [$lf, $r]] : []];
        $tail = [...$rf < $to - $c ? [[$rf, $r], [$rf, $rr]] : [], [$to - $c, $rr], [$to, $rr - $c]];
        if ($sf !== null && $st !== null && $s > $r) {
            $sf = max($sf, $from);
            $st = min($st, $to);
            $top = $sf <= $from ? [[$from, $s]] : [...$top, [$sf, $r], [$sf, $s]];
            $top = $st >= $to ? [...$top, [$to, $s]] : [...$top, [$st, $s], [$st, $r], ...$tail];
        } else {
            $top = [...$top, ...$tail];
        }
        $thread = $part->mm('thread_length');
        $lines = [];
        if ($thread > 0) {
            $lines = [
                ...$part->form === 'shoulder_left' ? [] : PartDrawer::threads($from + $c, $from + $thread, 0.86 * $lr - 0.5),
                ...$part->form === 'shoulder_right' ? [] : PartDrawer::threads($to - $thread, $to - $c, 0.86 * $rr - 0.5),
            ];
        }

        return [Outline::of(Hatch::Shaft, [[$from, 0.0], ...$top, [$to, 0.0]]), ...$lines];
    }

    /**
     * Where an end of the axle is turned down for nuts and caps, and to what radius.
     *
     * @param  int  $way -1 for the left end, 1 for the right
     * @return array{float, float}
     */
    private function end(Part $axle, float $from, float $to, int $way): array
    {
        $thin = $axle->mm('end_diameter');
        $held = $axle->form === ($way < 0 ? 'shoulder_left' : 'shoulder_right');
        $at = $way < 0 ? $from : $to;
        if ($thin <= 0 || $held) {
            return [$at, $axle->mm('diameter') / 2];
        }
        $wider = [];
        foreach ($this->hub->stack->line() as $part) {
            if ($part->mm('bore') > $thin + 0.5 && in_array($part->kind->lane(), [Lane::Axle, Lane::Both], true)) {
                $wider[] = $this->layout->at[$part->id][$way < 0 ? 0 : 1];
            }
        }

        return [$wider === [] ? $at : ($way < 0 ? min($wider) : max($wider)), $thin / 2];
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

    /**
     * Where two neighbours of a lane do not touch.
     *
     * @return list<Span>
     */
    private function gaps(): array
    {
        $gaps = [];
        foreach ([[Lane::Axle, Lane::Both], [Lane::Housing, Lane::Both]] as $lanes) {
            $row = array_values(
                array_filter(
                    $this->hub->stack->line(),
                    static fn (Part $p): bool => in_array($p->kind->lane(), [...$lanes, Lane::Row], true) &&
                        ! in_array($p->kind, [PartKind::ORing, PartKind::Nipple], true),
                ),
            );
            foreach ($row as $i => $part) {
                $next = $row[$i + 1] ?? null;
                // Loose rows have their own shape; between two bearings is the span, not a gap.
                if (
                    $next === null ||
                    $part->kind->lane() === Lane::Row ||
                    $next->kind->lane() === Lane::Row ||
                    ($part->kind->lane() === Lane::Both && $next->kind->lane() === Lane::Both)
                ) {
                    continue;
                }
                [$from, $to] = [$this->layout->at[$part->id][1], $this->layout->at[$next->id][0]];
                if ($to - $from > self::LEAST_GAP) {
                    $gaps[] = new Span(
                        SpanOf::Gap,
                        Message::of('span.gap', '{one} to {other}', [
                            'one' => Message::within($part->name),
                            'other' => Message::within($next->name),
                        ]),
                        Length::mm($from),
                        Length::mm($to),
                        false,
                    );
                }
            }
        }

        return $gaps;
    }

    /** @return list<Span> */
    private function spans(?Part $housing): array
    {
        $read = fn (string $place): bool => $this->notebook->has($place);
        $spans = [];
        $first = $this->hub->first;
        if ($housing !== null) {
            $length = $housing->mm('length');
            $spans[] = new Span(SpanOf::OverFaces, 'over faces', Length::mm(0), Length::mm($length), $read(Places::OVER_FACES));
            $ledge = $housing->mm('ledge_'.($first === Side::Right ? 'right' : 'left'));
            if ($ledge > 0 && $this->hub->pattern->card()->pair) {
                $spans[] =
                    $first === Side::Right
                        ? new Span(
                            SpanOf::Ledge,
                            'ledge',
                            Length::mm($length - $ledge),
                            Length::mm($length),
                            $read(Places::LEDGE_DEPTH),
                        )
                        : new Span(SpanOf::Ledge, 'ledge', Length::mm(0), Length::mm($ledge), $read(Places::LEDGE_DEPTH));
            }
        }
        $sleeve = $this->hub->stack->find('sleeve');
        if ($sleeve !== null && isset($this->layout->at['sleeve'])) {
            $spans[] = new Span(
                SpanOf::Sleeve,
                'sleeve',
                Length::mm($this->layout->at['sleeve'][0]),
                Length::mm($this->layout->at['sleeve'][1]),
                $read(Places::SLEEVE_LENGTH),
            );
        }

        return $spans;
    }
}
