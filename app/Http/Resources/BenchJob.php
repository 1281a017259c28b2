<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** A job on the bench of the day. */
final readonly class BenchJob
{
    /**
     * @param  int  $handMinutes of hands that are left today
     * @param  ?int  $doneAt minutes after midnight; null when nothing is left
     * @param  ?string  $partsOn the day on which its parts come, as YYYY-MM-DD
     */
    public function __construct(public JobCard $job, public int $handMinutes, public ?int $doneAt, public ?string $partsOn)
    {
    }
}
