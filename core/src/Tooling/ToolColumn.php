<?php

declare(strict_types=1);

namespace CleanRace\Core\Tooling;

/** A column of a list of tools. Sizes are in millimetres unless the cell says otherwise. */
enum ToolColumn: string
{
    case Name = 'name';
    case Kind = 'kind';
    case Outside = 'outside_mm';
    case Opening = 'opening_mm';
    case Length = 'length_mm';
    case Across = 'across_mm';
    case Ram = 'ram_mm';
    case Pitch = 'pitch_mm';
    case Capacity = 'capacity_n';
    case TorqueLow = 'torque_low_nm';
    case TorqueHigh = 'torque_high_nm';
    case PlusMinus = 'plus_minus_mm';
    case Count = 'count';
    case Reads = 'reads';
}
