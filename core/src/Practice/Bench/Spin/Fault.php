<?php

declare(strict_types=1);

namespace CleanRace\Core\Practice\Bench\Spin;

/** What is wrong with a simulated bearing. */
enum Fault: string
{
    case None = 'none';
    case Outer = 'outer';
    case Inner = 'inner';
    case Ball = 'ball';
    case Dry = 'dry';
    case Dirt = 'dirt';
}
