<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Press;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Message;

/** Something a force–travel curve shows at one place: where it starts, where it comes home, where it is too high. */
final readonly class PressEvent
{
    public function __construct(public string $name, public Length $travel, public Force $force, public Message $label)
    {
    }
}
