<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DateTimeImmutable;
use DateTimeInterface;
use stdClass;

/** A machine in the list of all: what of it is here, when it last went out, what of it falls due next. */
final readonly class MachineLine
{
    /**
     * @param  int  $openJobs how many of its wheels are on the bench
     * @param  ?string  $dueOn the next day on which something of it falls due, as YYYY-MM-DD
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $model,
        public string $owner,
        public int $openJobs,
        public ?DateTimeInterface $lastSignedAt,
        public ?string $dueOn,
    ) {
    }

    /** @param  stdClass  $row of machines, with these three counted */
    public static function of(stdClass $row): self
    {
        return new self(
            $row->id,
            $row->name,
            $row->model,
            $row->owner,
            $row->open_jobs,
            $row->last_signed_at === null ? null : new DateTimeImmutable($row->last_signed_at),
            $row->due_on,
        );
    }
}
