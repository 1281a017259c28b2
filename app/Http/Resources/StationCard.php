<?php

declare(strict_types=1);

namespace App\Http\Resources;

use CleanRace\Core\Steps\Station;
use CleanRace\Core\Steps\Status;
use CleanRace\Core\Verdict\Message;

final readonly class StationCard
{
    public function __construct(public Station $station, public Message|string $label, public Status $status)
    {
    }
}
