<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Measure\Notebook;

/** A way hubs are built: its parts, what to capture before stripping, its take-down, its first side. */
interface Pattern
{
    public function id(): string;

    public function name(): string;

    /** @return list<Part> along the axle, left to right */
    public function parts(Notebook $notebook): array;

    /** What the parts measure, from what is entered, else from what such hubs usually have. */
    public function sizes(Notebook $notebook): HubSizes;

    /** @return list<Ask> readings that cannot be had once the hub is apart */
    public function capture(): array;

    /** @return list<Step> in order, each part laid on the tray once */
    public function takeDown(Notebook $notebook): array;

    /** The side that locates: it goes home first. */
    public function firstSide(Notebook $notebook): Side;

    public function firstSideReason(Notebook $notebook): string;

    /** @return list<Fastener> that it is held by, in the order of tightening */
    public function fasteners(): array;
}
