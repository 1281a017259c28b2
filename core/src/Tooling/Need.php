<?php

declare(strict_types=1);

namespace CleanRace\Core\Tooling;

use CleanRace\Core\Measure\Length;

/** A tool a step cannot do without: its kind, and the size it must span, take or pass when that matters. */
final readonly class Need
{
    public function __construct(public ToolKind $kind, public ?Length $least = null, public ?Length $most = null, public string $size = '')
    {
    }
}
