<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\OpenJob;
use App\Actions\ReadEntry;
use App\Bench\Notes;
use App\Bench\Standing;
use App\Bench\Workbench;
use App\Models\Job;
use App\Models\Machine;
use App\Models\Record;
use App\Models\Tool;
use App\Models\User;
use App\Store\RecordRow;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use RuntimeException;

/** Loads a job from the entries in database/seeders/data, as if they had been made at the bench one after the other. */
final readonly class DemoJob
{
    public function __construct(private OpenJob $open, private ReadEntry $read, private Workbench $workbench)
    {
    }

    /** @param  array<string, string>  $texts words at places that are unlike those in the data */
    public function load(
        User $by,
        Machine $machine,
        string $wheel,
        string $entries,
        string $complaint,
        Carbon $start,
        array $texts = [],
    ): Job {
        $given = array_values(array_filter(self::entries($entries), static fn (array $one): bool => ! isset($texts[$one['place']])));
        foreach ($texts as $place => $text) {
            $given[] = ['place' => $place, 'entry' => ['text' => $text]];
        }

        return $this->enter($this->open($by, $machine, $wheel, 'pair-sleeve', $complaint, $start), $by, $given, $start);
    }

    public function open(User $by, Machine $machine, string $wheel, string $pattern, string $complaint, Carbon $start): Job
    {
        $job = ($this->open)($by, $machine, $wheel, $pattern, $complaint)->setRelation('shop', $by->shop);
        $job->forceFill(['created_at' => $start])->save();

        return $job;
    }

    /** @param  list<array{place: string, entry: array<string, mixed>, instrument?: string}>  $entries */
    public function enter(Job $job, User $by, array $entries, Carbon $start): Job
    {
        $notebook = Notes::notebookOf($job);
        foreach ($entries as $i => $given) {
            $given = $this->withTool($given, $by);
            $kept = ($this->read)($job, $notebook, $given['place'], $given['entry'], 'mm', $given['instrument'] ?? null);
            $notebook = $notebook->with($given['place'], $kept);
            $at = $start->copy()->addSeconds(40 * $i);
            RecordRow::write(
                (new Record(['id' => (string) Str::uuid7(), 'place' => $given['place'], 'made_at' => $at, 'received_at' => $at] + $kept))
                    ->forceFill(['shop_id' => $job->shop_id, 'job_id' => $job->id, 'author_id' => $by->id]),
            );
        }
        $job->forceFill(['standing' => Standing::of($this->workbench->report($job, $notebook), $notebook)])->save();

        return $job;
    }

    /** @return list<array{place: string, entry: array<string, mixed>, instrument?: string}> */
    public static function entries(string $name): array
    {
        $json = file_get_contents(__DIR__."/data/$name.json") ?: throw new RuntimeException("No demo entries named $name.");

        /** @var list<array{place: string, entry: array<string, mixed>, instrument?: string}> */
        return json_decode($json, true, flags: JSON_THROW_ON_ERROR);
    }

    /**
     * Tools are named in the data by what is written on them; a job knows them by their place on this wall.
     *
     * @param  array{place: string, entry: array<string, mixed>, instrument?: string}  $given
     * @return array{place: string, entry: array<string, mixed>, instrument?: string}
     */
    private function withTool(array $given, User $by): array
    {
        $choice = $given['entry']['choice'] ?? '';
        if (is_string($choice) && str_starts_with($choice, '@')) {
            $given['entry']['choice'] = (string) Tool::query()
                ->where('shop_id', $by->shop_id)
                ->where('name', substr($choice, 1))
                ->firstOrFail()->id;
        }

        return $given;
    }
}
