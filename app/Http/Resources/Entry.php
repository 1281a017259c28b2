<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Record;
use DateTimeInterface;
use stdClass;

/** What stands at a place of a job, who put it there, when, and with what. */
final readonly class Entry
{
    public function __construct(
        public string $id,
        public string $place,
        public ?stdClass $value,
        public ?string $instrument,
        public string $by,
        public DateTimeInterface $madeAt,
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
