<?php

declare(strict_types=1);

namespace App\Bench;

use App\Actions\ReadEntry;
use App\Models\Job;
use App\Models\Record;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use Illuminate\Database\Eloquent\Builder;

/** The latest record of each place of a job. */
final readonly class Notes
{
    /** How many earlier jobs on a wheel are asked what its fasteners took. */
    private const LAST_TIMES = 3;

    /** @param  array<string, Record>  $current by place; withdrawn ones are left out */
    private function __construct(public array $current)
    {
    }

    /** The same as a notebook alone, without who entered what and when. */
    public static function notebookOf(Job $job): Notebook
    {
        return self::written(Record::query()->where('job_id', $job->id));
    }

    /**
     * As much of a job's notebook as it takes to read an entry at these places.
     *
     * @param  list<string>  $addresses
     */
    public static function enoughFor(Job $job, array $addresses): Notebook
    {
        $needed = array_values(array_unique(array_merge(...array_map(ReadEntry::needs(...), $addresses))));
        $parts = array_filter($addresses, static fn (string $address): bool => str_starts_with($address, PlacesOf::part('')));

        return self::written(
            Record::query()
                ->where('job_id', $job->id)
                ->where(
                    static fn (Builder $q): Builder => $parts === []
                        ? $q->whereIn('place', $needed)
                        : $q->whereIn('place', $needed)->orWhere('place', 'like', PlacesOf::part('').'%'),
                ),
        );
    }

    /** @param  Builder<Record>  $records */
    private static function written(Builder $records): Notebook
    {
        $rows = $records
            ->distinct(['place'])
            ->orderBy('place')
            ->orderByDesc('seq')
            ->toBase()
            ->get(['place', 'value', 'instrument']);
        $entries = [];
        foreach ($rows as $row) {
            $value = $row->value === null ? null : json_decode($row->value, true, flags: JSON_THROW_ON_ERROR);
            if ($value !== null) {
                $entries[$row->place] = ['value' => $value, 'instrument' => $row->instrument];
            }
        }

        return new Notebook($entries);
    }

    public static function of(Job $job): self
    {
        return new self(self::latest(Record::query()->where('job_id', $job->id)));
    }

    /** What earlier jobs on the same wheel of the same machine noted of its fasteners. */
    public static function ofFastenersBefore(Job $job): self
    {
        $earlier = Job::query()
            ->where('machine_id', $job->machine_id)
            ->where('wheel', $job->wheel)
            ->where('id', '<', $job->id)
            ->orderByDesc('id')
            ->limit(self::LAST_TIMES)
            ->select('id');

        return new self(
            self::latest(
                Record::query()
                    ->whereIn('job_id', $earlier)
                    ->where('place', 'like', 'fastener.%')
                    ->where('place', 'not like', '%.done'),
            ),
        );
    }

    /**
     * @param  Builder<Record>  $records
     * @return array<string, Record>
     */
    private static function latest(Builder $records): array
    {
        return $records
            ->distinct(['place'])
            ->orderBy('place')
            ->orderByDesc('seq')
            ->with('author:id,name')
            ->get()
            ->filter(static fn (Record $r): bool => $r->value !== null)
            ->keyBy('place')
            ->all();
    }

    /** @return array<string, string> what was written, by place */
    public function words(): array
    {
        return array_filter(
            array_map(static fn (Record $r): string => is_string($r->value['text'] ?? null) ? $r->value['text'] : '', $this->current),
        );
    }

    public function notebook(): Notebook
    {
        return new Notebook(
            array_map(static fn (Record $r): array => ['value' => $r->value ?? [], 'instrument' => $r->instrument], $this->current),
        );
    }
}
