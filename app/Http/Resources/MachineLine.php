<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Machine;
use DateTimeInterface;
use Illuminate\Support\Carbon;

/** A machine in the list of all: what of it is here, when it last went out, what of it falls due next. */
final readonly class MachineLine
{
    /**
     * @param  int  $openJobs how many of its wheels are on the bench
     * @param  ?string  $dueOn the next day on which something of it falls due, as YYYY-MM-DD
     */
    public function __construct(public int $id, public string $name, public string $model, public string $owner, public int $openJobs, public ?DateTimeInterface $lastSignedAt, public ?string $dueOn)
    {
    }

    /** The machine was read with these three counted. */
    public static function of(Machine $machine): self
    {
        $signed = $machine->jobs_max_signed_at;

        return new self($machine->id, $machine->name, $machine->model, $machine->owner, $machine->open_jobs, $signed === null ? null : Carbon::parse($signed), $machine->due_min_due_on);
    }
}
