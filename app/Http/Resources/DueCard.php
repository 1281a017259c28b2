<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Bench\Ahead;
use App\Shapes\ShapeOf;
use CleanRace\Core\Verdict\Message;
use stdClass;

/** Something to look at again: what, on which machine, when, and on what that rests. */
final readonly class DueCard
{
    /**
     * @param  string  $kind carry, recheck or life
     * @param  string  $what in English, or as somebody wrote it
     * @param  ?stdClass  $words the same as a message, where the program said it
     * @param  ?string  $on the day, as YYYY-MM-DD
     * @param  ?string  $meter the reading at which it is due, with its unit
     * @param  ?int  $restsOn how many sets of this shop that day rests on
     */
    public function __construct(
        public int $id,
        public string $kind,
        public MachineCard $machine,
        public string $wheel,
        public int $jobId,
        public string $what,
        #[ShapeOf(Message::class)] public ?stdClass $words,
        public ?string $on,
        public ?string $meter,
        public ?int $restsOn,
        public bool $settled,
    ) {
    }

    /** @param  stdClass  $item a row of {@see Ahead} */
    public static function of(stdClass $item): self
    {
        return self::on(MachineCard::joined($item), $item);
    }

    /** @param  stdClass  $item of that machine */
    public static function on(MachineCard $machine, stdClass $item): self
    {
        return new self(
            $item->id,
            $item->kind,
            $machine,
            $item->wheel,
            $item->job_id,
            $item->what,
            is_string($item->words) ? json_decode($item->words) : $item->words,
            $item->due_on,
            $item->due_meter === null ? null : number_format((float) $item->due_meter, 0, '.', ' ').' '.$item->meter_unit,
            $item->rests_on,
            $item->settled_at !== null,
        );
    }
}
