<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Job;
use CleanRace\Core\Hub\Station;
use CleanRace\Core\Hub\Status;
use DateTimeInterface;

/** A job on the board. */
final readonly class JobCard
{
    /**
     * @param  list<StationCard>  $stations
     * @param  ?string  $leftFor what soaks, cools or cures by itself
     * @param  ?string  $leftUntil when that is over; it may be past
     * @param  ?string  $partsOn the day on which parts it waits for come, as YYYY-MM-DD
     */
    public function __construct(
        public int $id,
        public int $number,
        public string $wheel,
        public string $pattern,
        public MachineCard $machine,
        public string $complaint,
        public Station $waitsAt,
        public array $stations,
        public DateTimeInterface $openedAt,
        public ?DateTimeInterface $signedAt,
        public ?string $partsOn,
        public ?string $leftFor,
        public ?string $leftUntil,
    ) {
    }

    /** @param  ?string  $partsOn YYYY-MM-DD */
    public static function of(Job $job, ?string $partsOn = null): self
    {
        // Read once: the column is taken apart anew at each look.
        $standing = $job->standing;
        $stations = $standing['stations'] ?? [];

        return new self(
            $job->id, $job->number, $job->wheel, $job->pattern, MachineCard::of($job->machine), $standing['complaint'] ?? '',
            Station::from($standing['waits_at'] ?? 'check_in'),
            array_map(static fn (Station $s): StationCard => new StationCard($s, $s->label(), Status::from($stations[$s->value] ?? 'untouched')), Station::cases()),
            $job->created_at, $job->signed_at, $partsOn, $standing['waits']['what'] ?? null, $standing['waits']['until'] ?? null,
        );
    }
}
