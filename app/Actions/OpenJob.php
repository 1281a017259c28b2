<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bench\Standing;
use App\Bench\Workbench;
use App\Models\Job;
use App\Models\Machine;
use App\Models\Record;
use App\Models\Shop;
use App\Models\User;
use App\Store\RecordRow;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Opens a job for one wheel of a machine, with the complaint as its first record. */
final readonly class OpenJob
{
    public function __construct(private Workbench $workbench)
    {
    }

    public function __invoke(User $by, Machine $machine, string $wheel, string $pattern, string $complaint): Job
    {
        return DB::transaction(function () use ($by, $machine, $wheel, $pattern, $complaint): Job {
            $shop = Shop::query()->whereKey($by->shop_id)->lockForUpdate()->firstOrFail();
            $shop->increment('last_job_number');
            $job = new Job([
                'machine_id' => $machine->id,
                'number' => $shop->last_job_number,
                'wheel' => $wheel,
                'pattern' => $pattern,
                'opened_by' => $by->id,
            ]);
            $job->forceFill(['shop_id' => $by->shop_id, 'standing' => []])
                ->setRelation('shop', $shop)
                ->save();
            $entry = ['value' => ['text' => $complaint], 'instrument' => null];
            RecordRow::write(
                (new Record(
                    [
                        'id' => (string) Str::uuid7(),
                        'place' => Places::COMPLAINT,
                        'made_at' => Carbon::now(),
                        'received_at' => Carbon::now(),
                    ] + $entry,
                ))->forceFill(['shop_id' => $by->shop_id, 'job_id' => $job->id, 'author_id' => $by->id]),
            );
            $notebook = new Notebook([Places::COMPLAINT => $entry]);
            $job->update(['standing' => Standing::of($this->workbench->report($job, $notebook), $notebook)]);

            return $job;
        });
    }
}
