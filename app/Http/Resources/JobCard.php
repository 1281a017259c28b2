<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Bench\Board;
use App\Bench\PartsDue;
use App\Shapes\ShapeOf;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Steps\Status;
use CleanRace\Core\Verdict\Message;
use DateTimeImmutable;
use DateTimeInterface;
use stdClass;

/** A job on the board. */
final readonly class JobCard
{
    /**
     * @param  list<StationCard>  $stations
     * @param  ?stdClass  $leftFor what soaks, cools or cures by itself
     * @param  ?string  $leftUntil when that is over; it may be past
     * @param  ?string  $asked what the customer was asked and has not answered
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
        #[ShapeOf(Message::class)] public ?stdClass $leftFor,
        public ?string $leftUntil,
        public ?string $asked,
    ) {
    }

    /** @param  stdClass  $row of {@see Board::jobs()} */
    public static function of(stdClass $row): self
    {
        /**
         * @var array{stations?: array<string, string>, waits_at?: string, complaint?: string, asked?: ?string,
         *   waits?: array{until: string}} $standing
         */
        $standing = json_decode($row->standing, true, flags: JSON_THROW_ON_ERROR);
        $stations = $standing['stations'] ?? [];

        return new self(
            $row->id,
            $row->number,
            $row->wheel,
            $row->pattern,
            MachineCard::joined($row),
            $standing['complaint'] ?? '',
            Station::from($standing['waits_at'] ?? 'check_in'),
            array_map(
                static fn (Station $s): StationCard => new StationCard(
                    $s,
                    $s->label(),
                    Status::from($stations[$s->value] ?? 'untouched'),
                ),
                Station::cases(),
            ),
            new DateTimeImmutable($row->created_at),
            $row->signed_at === null ? null : new DateTimeImmutable($row->signed_at),
            PartsDue::expected($row->parts_on),
            isset($standing['waits']) ? self::waitsFor($row->standing) : null,
            $standing['waits']['until'] ?? null,
            $standing['asked'] ?? null,
        );
    }

    /** What was noted as left to itself. Before it was noted as a message it was plain words. */
    private static function waitsFor(string $standing): ?stdClass
    {
        $what = json_decode($standing, flags: JSON_THROW_ON_ERROR)->waits->what ?? null;

        return is_string($what) ? (object) ['key' => $what, 'text' => $what, 'values' => new stdClass()] : $what;
    }
}
