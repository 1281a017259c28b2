<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** The traces of a ring, and whether the press beside this bench is one. */
final readonly class TracesShown
{
    /**
     * @param  list<TraceSheet>  $data newest first
     * @param  bool  $standIn whether the press is a simulation
     * @param  bool  $keeps whether what it sends is kept: a simulation writes nothing outside the demo
     */
    public function __construct(public array $data, public bool $standIn, public bool $keeps)
    {
    }
}
