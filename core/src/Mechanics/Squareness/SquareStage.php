<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Squareness;

/** Whether the ring is still going in or stands on its ledge. */
enum SquareStage: string
{
    case Entering = 'entering';
    case Home = 'home';
}
