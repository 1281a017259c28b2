<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Steps\Ask;

/** A way hubs are built: its parts, what to capture before stripping, its take-down, its first side and its assembly. */
interface Pattern
{
    /** Lower case with hyphens, as it is stored: `pair-sleeve`. */
    public function id(): string;

    /** What there is to say of it, whatever the hub. */
    public function card(): PatternCard;

    /** The parts such a hub usually has, with the sizes it usually has, left to right. */
    public function stack(Notebook $notebook): Stack;

    /** @return list<Ask> readings that cannot be had once the hub is apart */
    public function capture(): array;

    /** @return list<Move> milestones of the take-down; what stands in the way of one comes off before it */
    public function moves(Stack $stack, Side $first): array;

    /** The side that locates: it goes home first. */
    public function firstSide(Notebook $notebook): Side;

    /** Why that side goes first, in a whole sentence. */
    public function firstSideReason(Notebook $notebook): string;

    /** @return list<Put> its parts in the order in which they go in */
    public function assembly(Side $first): array;

    /** @return list<Fastener> that it is held by, in the order of tightening */
    public function fasteners(): array;
}
