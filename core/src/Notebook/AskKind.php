<?php

declare(strict_types=1);

namespace CleanRace\Core\Notebook;

/** How something is entered. */
enum AskKind: string
{
    case Length = 'length';
    case Depth = 'depth';
    case Choice = 'choice';
    case Choices = 'choices';
    case Tick = 'tick';
    case Text = 'text';
    case Number = 'number';
    case Torque = 'torque';
    case Temperature = 'temperature';
    case Heat = 'heat';
    case Gauge = 'gauge';
    case Thread = 'thread';
    case Turn = 'turn';
    case Count = 'count';
    case Meter = 'meter';
    case When = 'when';
    case ConeTry = 'cone_try';
    case Part = 'part';
    case Stack = 'stack';
    case Photos = 'photos';
    case Sound = 'sound';
    case Taps = 'taps';
}
