<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DateTimeInterface;
use stdClass;

/** What another job on the same machine knows of a place: offered, never taken over by itself. */
final readonly class LentEntry
{
    /**
     * @param  int  $job the number of that job
     * @param  string  $wheel the wheel it was about
     * @param  bool  $sameWheel whether that is the wheel of this job, the last time it was here
     */
    public function __construct(
        public string $id,
        public string $place,
        public ?stdClass $value,
        public ?string $instrument,
        public string $by,
        public DateTimeInterface $madeAt,
        public int $job,
        public string $wheel,
        public bool $sameWheel,
    ) {
    }
}
