<?php

declare(strict_types=1);

namespace App\Http\Resources;

use CleanRace\Core\Measure\RowFault;

/** A list of machines as it was read: how many are new, which are noted already, what was wrong with which line. */
final readonly class MachineListSheet
{
    /** @param  list<RowFault>  $faults */
    public function __construct(public int $machines, public int $known, public array $faults, public bool $kept)
    {
    }
}
