<?php

declare(strict_types=1);

namespace App\Http\Resources;

use CleanRace\Core\Measure\RowFault;

/** A list of tools as it was read: how many are new, which hang there already, what was wrong with which line. */
final readonly class ToolListSheet
{
    /** @param  list<RowFault>  $faults */
    public function __construct(public int $tools, public int $known, public array $faults, public bool $kept)
    {
    }
}
