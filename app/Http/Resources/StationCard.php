<?php

declare(strict_types=1);

namespace App\Http\Resources;

use CleanRace\Core\Hub\Station;
use CleanRace\Core\Hub\Status;

final readonly class StationCard
{
    public function __construct(public Station $station, public string $label, public Status $status)
    {
    }
}
