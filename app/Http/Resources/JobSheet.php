<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Bench\Notes;
use App\Models\Job;
use App\Models\Record;
use CleanRace\Core\Hub\Patterns;
use CleanRace\Core\Job\JobReport;
use DateTimeInterface;

/** A whole job: what is entered, what was remembered from last time, and how it stands. */
final readonly class JobSheet
{
    /**
     * @param  list<Entry>  $entries
     * @param  list<Entry>  $remembered fasteners as an earlier job on this wheel noted them
     */
    public function __construct(
        public int $id,
        public int $number,
        public string $wheel,
        public string $patternName,
        public MachineCard $machine,
        public DateTimeInterface $openedAt,
        public ?DateTimeInterface $signedAt,
        public ?string $signedBy,
        public array $entries,
        public array $remembered,
        public JobReport $report,
    ) {
    }

    public static function of(Job $job, Notes $notes, Notes $before, JobReport $report): self
    {
        $entry = static fn (Record $r): Entry => Entry::of($r);

        return new self(
            $job->id, $job->number, $job->wheel, Patterns::find($job->pattern)->card()->name, MachineCard::of($job->machine), $job->created_at,
            $job->signed_at, $job->signer?->name, array_map($entry, array_values($notes->current)), array_map($entry, array_values($before->current)), $report,
        );
    }
}
