<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Bench\Ahead;
use App\JobFile\SaidSigned;
use App\Models\Job;
use App\Shapes\Ready;
use App\Shapes\ShapeOf;
use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Verdict\Message;
use DateTimeInterface;
use stdClass;

/** A whole job: what is entered, what other jobs lend, and how it stands. */
final readonly class JobSheet
{
    /**
     * @param  Ready  $lent what other jobs on this machine know of such a hub
     * @param  list<AddendumCard>  $addenda added after the signature, oldest first
     * @param  list<DueCard>  $carried what earlier jobs on this machine said should be looked at
     */
    public function __construct(
        public int $id,
        public int $number,
        public string $wheel,
        public string $pattern,
        public Message|string $patternName,
        public MachineCard $machine,
        public DateTimeInterface $openedAt,
        public ?DateTimeInterface $signedAt,
        public ?string $signedBy,
        public ?string $signedAs,
        public ?ClosedJob $closed,
        #[ShapeOf(Entry::class, many: true)] public Ready $entries,
        #[ShapeOf(LentEntry::class, many: true)] public Ready $lent,
        #[ShapeOf(JobReport::class)] public Ready $report,
        public array $addenda,
        public array $carried,
        public ?string $importedFrom,
        public ?SaidSigned $saidSigned,
    ) {
    }

    /** @param  list<stdClass>  $carried rows of {@see Ahead} */
    public static function of(Job $job, Ready $entries, Ready $lent, Ready $report, array $carried): self
    {
        return new self(
            $job->id,
            $job->number,
            $job->wheel,
            $job->pattern,
            HubPatterns::find($job->pattern)->card()->name,
            MachineCard::of($job->machine),
            $job->created_at,
            $job->signed_at,
            $job->signerName(),
            self::signedAs($job),
            ClosedJob::of($job),
            $entries,
            $lent,
            $report,
            $job->relationLoaded('addenda') ? array_values($job->addenda->map(AddendumCard::of(...))->all()) : [],
            array_map(DueCard::of(...), $carried),
            $job->origin === null ? null : $job->origin['shop'].', job '.$job->origin['number'],
            $job->saidSigned(),
        );
    }

    /** The role of whoever signed, as it was then. */
    private static function signedAs(Job $job): ?string
    {
        $role = $job->isSigned() ? $job->signOff?->card['signed_as'] ?? null : null;

        return is_string($role) ? $role : null;
    }
}
