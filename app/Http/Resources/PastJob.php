<?php

declare(strict_types=1);

namespace App\Http\Resources;

use CleanRace\Core\Hub\Places;
use CleanRace\Core\Hub\Side;
use DateTimeImmutable;
use DateTimeInterface;
use stdClass;

/** One job in a machine's history. */
final readonly class PastJob
{
    /** @param  list<string>  $fitted numbers of the bearings fitted */
    public function __construct(
        public int $id,
        public int $number,
        public string $wheel,
        public DateTimeInterface $openedAt,
        public ?DateTimeInterface $signedAt,
        public ?string $signedBy,
        public array $fitted,
        public ?string $carried,
        public ?string $lookAgain,
    ) {
    }

    /** @return array{string, string, string, string} where that is written which a history shows: the new bearings, what is carried forward, when to look again */
    public static function places(): array
    {
        return [Places::newNumber(Side::Left), Places::newNumber(Side::Right), Places::CARRY, Places::CARRY_WHEN];
    }

    /** @param  stdClass  $row of jobs, with the name of who signed and the notes at {@see self::places()} as a JSON object */
    public static function of(stdClass $row): self
    {
        /** @var array<string, ?string> $notes */
        $notes = json_decode($row->notes ?? '{}', true, flags: JSON_THROW_ON_ERROR);
        /** @var array{signed_by?: ?string} $origin */
        $origin = json_decode($row->origin ?? '{}', true, flags: JSON_THROW_ON_ERROR);
        [$left, $right, $carried, $lookAgain] = array_map(static fn (string $place): ?string => $notes[$place] ?? null, self::places());

        return new self(
            $row->id, $row->number, $row->wheel, new DateTimeImmutable($row->created_at), $row->signed_at === null ? null : new DateTimeImmutable($row->signed_at),
            $origin['signed_by'] ?? $row->signed_by, array_values(array_filter([$left, $right])), $carried, $lookAgain,
        );
    }
}
