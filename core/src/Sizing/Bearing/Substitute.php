<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Bearing;

use CleanRace\Core\Verdict\Message;

/** Another bearing that may, or may not, go where this one came out. */
final readonly class Substitute
{
    public function __construct(public Message|string $number, public bool $may, public Message|string $why)
    {
    }
}
