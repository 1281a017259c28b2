<?php

declare(strict_types=1);

namespace App\Devices;

enum PressingState: string
{
    case Waiting = 'waiting';
    case Running = 'running';
    case Ended = 'ended';
    /** No gauge answered, or nobody stood by to follow it. */
    case Failed = 'failed';
}
