<?php

declare(strict_types=1);

namespace App\Bench;

use CleanRace\Core\Sourcing\PriceColumn;
use CleanRace\Core\Verdict\Message;

final readonly class ColumnShown
{
    /** @param  ?int  $place from 0; null when the list has none */
    public function __construct(public PriceColumn $name, public Message|string $label, public bool $needed, public ?int $place)
    {
    }
}
