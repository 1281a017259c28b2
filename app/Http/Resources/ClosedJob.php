<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Job;
use DateTimeInterface;

/** That a job was closed without a signature: when, by whom, why. */
final readonly class ClosedJob
{
    public function __construct(public DateTimeInterface $at, public ?string $by, public string $reason)
    {
    }

    public static function of(Job $job): ?self
    {
        return $job->dropped_at === null ? null : new self($job->dropped_at, $job->dropper?->name, (string) $job->dropped_for);
    }
}
