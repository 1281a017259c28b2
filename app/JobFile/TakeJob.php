<?php

declare(strict_types=1);

namespace App\JobFile;

use App\Actions\KeepRecording;
use App\Actions\RedrawPicture;
use App\Bench\Notes;
use App\Bench\Standing;
use App\Bench\Workbench;
use App\Errands\Progress;
use App\Models\Addendum;
use App\Models\Job;
use App\Models\Machine;
use App\Models\Photo;
use App\Models\PressTrace;
use App\Models\Record;
use App\Models\Recording;
use App\Models\Shop;
use App\Models\User;
use App\Sounds\Hearings;
use App\Store\RecordRow;
use CleanRace\Core\Measure\InvalidInput;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Throwable;

/**
 * Takes a job file of another shop, or of this one, into this shop as a job of its own. All of it or nothing. Whoever the
 * file says signed it is kept as its word: here it is not signed, since anybody can write a name into a file.
 */
final readonly class TakeJob
{
    /** Records that go to the store in one statement. */
    private const AT_ONCE = 500;

    public function __construct(private Workbench $workbench, private RedrawPicture $redraw)
    {
    }

    /**
     * @param  ?int  $number of its own, as in the shop that it comes from; the next one otherwise
     * @param  JsonParts  $file as {@see SoundFile} found it sound
     * @param  ?string  $errand for which it is taken: taken for it once, it is not taken again
     *
     * @throws InvalidInput when what is in it cannot be a job
     */
    public function __invoke(
        User $by,
        JsonParts $file,
        ?Progress $progress = null,
        ?int $number = null,
        ?string $errand = null,
    ): Job {
        $taken = $errand === null ? null : Job::query()->whereRaw("origin ->> 'errand' = ?", [$errand])->first();
        if ($taken !== null) {
            return $taken;
        }
        // Numbered apart: nobody who opens a job waits for a long file.
        $shop = DB::transaction(static function () use ($by, $number): Shop {
            $shop = Shop::query()->whereKey($by->shop_id)->lockForUpdate()->firstOrFail();
            $shop->forceFill(['last_job_number' => max($shop->last_job_number + 1, $number ?? 0)])->save();

            return $shop;
        });

        return DB::transaction(function () use ($by, $file, $shop, $progress, $errand): Job {
            [$said, $its] = [$file->whole('job'), $file->whole('machine')];
            $machine = Machine::query()->where($its)->orderBy('id')->first() ?? Machine::query()->create($its);
            $job = new Job([
                'machine_id' => $machine->id,
                'number' => $shop->last_job_number,
                'wheel' => $said['wheel'],
                'pattern' => $said['pattern'],
                'opened_by' => $by->id,
            ]);
            $job->forceFill(['shop_id' => $by->shop_id, 'standing' => []])
                ->setRelation('shop', $shop)
                ->save();

            $called = $this->photos($job, $by, $file->each('photos')) + $this->recordings($job, $by, $file->each('recordings'));
            $authors = $this->records($job, $by, $file, $called, $progress)
                + $this->addenda($job, $by, $file->each('addenda'));
            foreach ($file->each('traces') as $trace) {
                self::own(
                    new PressTrace([
                        'id' => (string) Str::uuid7(),
                        'seat' => $trace['seat'],
                        'source' => $trace['source'],
                        'samples' => $trace['samples'],
                        'made_at' => Carbon::parse($trace['made_at']),
                    ]),
                    $job,
                    $by,
                );
            }
            $job->origin = [
                'shop' => $file->whole('shop'),
                'number' => $said['number'],
                'opened_at' => $said['opened_at'],
                'signed_by' => $said['signed_by'],
                'signed_at' => $said['signed_at'],
                'key' => Seal::keyOf($file),
                'authors' => $authors,
            ] + ($errand === null ? [] : ['errand' => $errand]);
            $notebook = Notes::notebookOf($job);
            try {
                $job->standing = Standing::of($this->workbench->report($job, $notebook), $notebook);
            } catch (Throwable $fault) {
                throw InvalidInput::about('file', 'What is in this file does not go together as a job. It may have been changed by hand.');
            }
            $job->save();
            foreach (Recording::query()->where('job_id', $job->id)->pluck('id') as $recording) {
                Hearings::listen($job->shop_id, $recording);
            }

            return $job;
        });
    }

    /**
     * @param  iterable<array{name: string, jpeg: string}>  $photos
     * @return array<string, string> ids by the names they have in the file
     */
    private function photos(Job $job, User $by, iterable $photos): array
    {
        $ids = [];
        foreach ($photos as $photo) {
            $jpeg = base64_decode($photo['jpeg'], true);
            [$redrawn, $width, $height] = ($this->redraw)(is_string($jpeg) ? $jpeg : '');
            $ids[$photo['name']] = (string) Str::uuid7();
            self::own(
                new Photo([
                    'id' => $ids[$photo['name']],
                    'width' => $width,
                    'height' => $height,
                    'jpeg' => DB::raw("decode('".base64_encode($redrawn)."', 'base64')"),
                ]),
                $job,
                $by,
            );
        }

        return $ids;
    }

    /**
     * @param  iterable<array{name: string, wav: string}>  $recordings
     * @return array<string, string> ids by the names they have in the file
     *
     * @throws InvalidInput when one is no recording
     */
    private function recordings(Job $job, User $by, iterable $recordings): array
    {
        $ids = [];
        foreach ($recordings as $recording) {
            $ids[$recording['name']] = (string) Str::uuid7();
            [$wave, $rate, $seconds] = KeepRecording::writtenAnew((string) base64_decode($recording['wav'], true));
            KeepRecording::row($job, $by, $ids[$recording['name']], $wave, $rate, $seconds);
        }

        return $ids;
    }

    /**
     * @param  array<string, string>  $called photos and recordings by the names they have in the file
     * @return array<string, string> who wrote each, by its new id
     */
    private function records(Job $job, User $by, JsonParts $file, array $called, ?Progress $progress): array
    {
        $digests = Recording::query()->where('job_id', $job->id)->pluck('digest', 'id');
        [$authors, $rows, $count] = [[], [], iterator_count($file->each('records'))];
        foreach ($file->each('records') as $i => $record) {
            $id = (string) Str::uuid7();
            $value = JobFile::renamed($record['value'], $called);
            $recording = $value['recording'] ?? null;
            $rows[] = (new Record([
                'id' => $id,
                'place' => $record['place'],
                'value' => $recording === null ? $value : $value + ['sealed' => $digests[$recording]],
                'instrument' => $record['instrument'],
                'made_at' => Carbon::parse($record['made_at']),
                'received_at' => Carbon::now(),
            ]))->forceFill(['shop_id' => $job->shop_id, 'job_id' => $job->id, 'author_id' => $by->id]);
            $authors[$id] = $record['by'];
            if (count($rows) === self::AT_ONCE || $i === $count - 1) {
                RecordRow::writeAll($rows);
                $progress?->is($i + 1, $count);
                $rows = [];
            }
        }

        return $authors;
    }

    /**
     * @param  iterable<array{text: string, made_at: string, by: string}>  $addenda
     * @return array<string, string>
     */
    private function addenda(Job $job, User $by, iterable $addenda): array
    {
        $authors = [];
        foreach ($addenda as $addendum) {
            $id = (string) Str::uuid7();
            self::own(
                new Addendum(['id' => $id, 'text' => $addendum['text'], 'made_at' => Carbon::parse($addendum['made_at'])]),
                $job,
                $by,
            );
            $authors[$id] = $addendum['by'];
        }

        return $authors;
    }

    private static function own(Photo|PressTrace|Addendum $row, Job $job, User $by): void
    {
        $row->forceFill(['shop_id' => $job->shop_id, 'job_id' => $job->id, 'author_id' => $by->id])->save();
    }
}
