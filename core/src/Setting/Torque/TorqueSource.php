<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Torque;

/** Where a torque comes from. */
enum TorqueSource: string
{
    case Manual = 'manual';
    case PartMaker = 'part_maker';
    case Shop = 'shop';
    case None = 'none';
}
