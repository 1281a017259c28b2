<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

/** Where a ring sits: in a bore, or on a shaft. */
enum RingSeat: string
{
    case Bore = 'bore';
    case Shaft = 'shaft';
}
