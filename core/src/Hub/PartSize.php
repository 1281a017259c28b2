<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Message;

/** One size of a part, by the name its kind gives it. */
final readonly class PartSize
{
    public function __construct(public string $size, public Message|string $label, public Length $length)
    {
    }
}
