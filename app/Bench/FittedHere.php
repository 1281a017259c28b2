<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Models\Record;
use CleanRace\Core\Catalogue\Number\Designation;
use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Mechanics\Drivers\FittedBefore;

/** The bearings that this shop's jobs were about, by size, with how many jobs. */
final readonly class FittedHere
{
    /** Far back enough for what a shop does all day. */
    private const LATEST_JOBS = 500;

    /** @return list<FittedBefore> */
    public static function sizes(int $shop): array
    {
        $latest = Record::query()
            ->where('shop_id', $shop)
            ->where('place', 'like', 'size.%')
            ->where(static fn ($q) => $q->where('place', 'like', 'size.%.number')->orWhere('place', 'like', 'size.part.%'))
            ->whereIn('job_id', Job::query()->where('shop_id', $shop)->orderByDesc('id')->limit(self::LATEST_JOBS)->select('id'))
            ->whereRaw("value ->> 'text' is not null")
            ->selectRaw("value ->> 'text' as number, count(distinct job_id) as jobs")
            ->groupByRaw("value ->> 'text'")
            ->toBase()
            ->get();
        $sizes = [];
        foreach ($latest as $row) {
            $read = self::read((string) $row->number);
            if ($read?->size === null) {
                continue;
            }
            $key = $read->size->sizes();
            $sizes[$key] = new FittedBefore(
                $sizes[$key]->number ?? $read->size->number,
                $read->size->bore,
                $read->size->outside,
                ($sizes[$key]->jobs ?? 0) + (int) $row->jobs,
                $read->size->isThin(),
            );
        }

        return array_values($sizes);
    }

    private static function read(string $number): ?Designation
    {
        try {
            return (new DesignationReader())->read($number);
        } catch (InvalidInput) {
            return null;
        }
    }
}
