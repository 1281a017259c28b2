<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

/** What a part of a hub is. */
enum PartKind: string
{
    case Axle = 'axle';
    case Spacer = 'spacer';
    case Seal = 'seal';
    case SnapRing = 'snap_ring';
    case Bearing = 'bearing';
    case Sleeve = 'sleeve';
}
