<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Record;
use DateTimeInterface;
use stdClass;

/** What stands at a place of a job, who put it there, when, and with what. */
final readonly class Entry
{
    /** @param  ?Replaced  $newer what another hand entered later, and this came after, late */
    public function __construct(
        public string $id,
        public string $place,
        public ?stdClass $value,
        public ?string $instrument,
        public string $by,
        public DateTimeInterface $madeAt,
        public ?Replaced $newer = null,
    ) {
    }

    public static function of(Record $record): self
    {
        return new self(
            $record->id,
            $record->place,
            $record->value === null ? null : (object) $record->value,
            $record->instrument,
            $record->author->name,
            $record->made_at,
        );
    }
}
