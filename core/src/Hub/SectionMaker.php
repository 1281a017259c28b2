<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Measure\Length;

/** Works out where every part of a pair in a hub lies, from its sizes, from where parts are and how bearings stand. */
final readonly class SectionMaker
{
    /** Drawing habits of such hubs, in mm: how far the axle stands out, spacers, walls of the parts. */
    private const AXLE_OUT = 22.0;

    private const SPACER_OUT = 13.0;

    private const SPACER_WALL = 4.5;

    private const SLEEVE_WALL = 3.0;

    private const LEDGE_HEIGHT = 3.2;

    private const WAIST = 2.6;

    private const GROOVE_DEPTH = 1.25;

    private const RING_REACH = 3.0;

    private const RELIEF = 4.0;

    public function __construct(private HubSizes $sizes, private Tray $tray)
    {
    }

    /** @param  array<string, Standing>  $standing how a bearing stands, by side, where it was read */
    public function section(array $standing): Section
    {
        $shapes = array_map(fn (TrayItem $item): Shape => $this->shape($item, $standing[$item->side->value] ?? null), $this->tray->items);

        return new Section($this->sizes->overFaces, $this->sizes->hubOutside, $this->housing(), $shapes, $this->spans());
    }

    private function shape(TrayItem $item, ?Standing $standing): Shape
    {
        [$from, $to, $inner, $outer] = $this->extent($item, $standing);
        [$from, $to] = $this->sizes->first === Side::Right ? [$this->sizes->overFaces->mm - $to, $this->sizes->overFaces->mm - $from] : [$from, $to];
        $tilted = $item->kind === PartKind::Bearing ? $standing : null;
        // A bearing whose depth is read stands in the hub, whatever became of the old one.
        $state = $tilted !== null && $item->state === PartState::OnTray ? PartState::Fitted : $item->state;

        return new Shape($item->part, $item->kind, $item->name, $item->side, $state, Length::mm($from), Length::mm($to), Length::mm($inner), Length::mm($outer), $tilted?->angle, $tilted?->highSide);
    }

    /**
     * From, to, inner and outer radius, as if the first side were on the left.
     *
     * @return array{float, float, float, float}
     */
    private function extent(TrayItem $item, ?Standing $standing): array
    {
        $s = $this->sizes;
        $over = $s->overFaces->mm;
        $near = $item->side === $s->first;
        $bearing = $s->bearing($item->side);
        $bore = $bearing->bore->mm / 2;
        $outside = $bearing->outside->mm / 2;
        $mirror = static fn (float $from, float $to): array => $near ? [$from, $to] : [$over - $to, $over - $from];
        $depth = $standing->depth->mm ?? ($near ? $s->homeDepth() : $s->secondRest())->mm;

        return match ($item->kind) {
            PartKind::Axle => [-self::AXLE_OUT, $over + self::AXLE_OUT, 0.0, $bore],
            PartKind::Sleeve => [$s->ledgeDepth->mm, $s->ledgeDepth->mm + $s->sleeveLength->mm, $bore + 0.15, $bore + self::SLEEVE_WALL],
            PartKind::Spacer => [...$mirror(-self::SPACER_OUT, $near ? $s->homeDepth()->mm : $s->secondRest()->mm), $bore, $bore + self::SPACER_WALL],
            PartKind::Seal => [...$mirror(0.2, $s->sealWidth->mm - 0.2), $bore + self::SPACER_WALL, $outside],
            PartKind::SnapRing => [...$mirror($s->grooveEdge->mm - $s->ringThickness->mm, $s->grooveEdge->mm), $outside - self::RING_REACH, $outside + self::GROOVE_DEPTH],
            PartKind::Bearing => [...$mirror($depth, $depth + $s->width($item->side)->mm), $bore, $outside],
        };
    }

    /** @return list<Point> */
    private function housing(): array
    {
        $s = $this->sizes;
        $over = $s->overFaces->mm;
        $outer = $s->hubOutside->mm / 2;
        $bore = $s->bearing($s->first)->outside->mm / 2;
        $far = $s->bearing($s->first->other())->outside->mm / 2;
        $farLedge = $over - $s->secondRest()->mm - $s->width($s->first->other())->mm - ($s->twoLedges ? 0.0 : self::RELIEF);
        $farLedge = max($s->ledgeDepth->mm + 2, $farLedge);
        $groove = [$s->grooveEdge->mm - $s->grooveWidth->mm, $s->grooveEdge->mm];
        $outline = [
            [0, $bore], [0, $outer], [0.10 * $over, $outer], [0.20 * $over, $outer - self::WAIST], [0.80 * $over, $outer - self::WAIST], [0.90 * $over, $outer], [$over, $outer],
            [$over, $far], [$farLedge, $far], [$farLedge, $far - self::LEDGE_HEIGHT], [$s->ledgeDepth->mm, $bore - self::LEDGE_HEIGHT], [$s->ledgeDepth->mm, $bore],
            ...($this->hasRing() ? [[$groove[1], $bore], [$groove[1], $bore + self::GROOVE_DEPTH], [$groove[0], $bore + self::GROOVE_DEPTH], [$groove[0], $bore]] : []),
        ];

        return array_map(fn (array $p): Point => Point::at($s->first === Side::Right ? $over - $p[0] : $p[0], $p[1]), $outline);
    }

    private function hasRing(): bool
    {
        return array_filter($this->tray->items, fn (TrayItem $i): bool => $i->kind === PartKind::SnapRing && $i->side === $this->sizes->first) !== [];
    }

    /** @return list<Span> */
    private function spans(): array
    {
        $s = $this->sizes;
        $over = $s->overFaces->mm;
        $place = fn (float $from, float $to): array => $s->first === Side::Right ? [Length::mm($over - $to), Length::mm($over - $from)] : [Length::mm($from), Length::mm($to)];
        $known = static fn (string $name): bool => in_array($name, $s->measured, true);

        return [
            new Span('over faces', ...$place(0, $over), measured: $known('over_faces')),
            new Span('ledge', ...$place(0, $s->ledgeDepth->mm), measured: $known('ledge_depth')),
            new Span('sleeve', ...$place($s->ledgeDepth->mm, $s->ledgeDepth->mm + $s->sleeveLength->mm), measured: $known('sleeve_length')),
        ];
    }
}
