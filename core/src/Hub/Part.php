<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

/** One part of a hub, in its order along the axle. */
final readonly class Part
{
    /** @param  list<string>  $ways the ways round it may lie, by name; the first is the usual one */
    public function __construct(
        public string $id,
        public PartKind $kind,
        public Side $side,
        public string $name,
        public bool $renewed,
        public array $ways = [],
    ) {
    }
}
