<?php

declare(strict_types=1);

namespace App\JobFile;

use App\Models\Addendum;
use App\Models\Job;
use App\Models\Photo;
use App\Models\PressTrace;
use App\Models\Record;
use App\Models\Recording;
use Illuminate\Database\Eloquent\Builder;

/**
 * A whole job as one JSON document, as docs/formats/job.schema.json has it: everything that was entered, in the order in which it
 * came, with who and when; photographs and traces; the card as it was signed. Nothing in it belongs to one database alone.
 */
final class JobFile
{
    public const FORMAT = 'clean-race-job';

    public const VERSION = 1;

    /** Where what such a file may hold is written down, once. */
    public const SCHEMA = 'docs/formats/job.schema.json';

    private const TIME = 'Y-m-d\TH:i:s.vP';

    /**
     * @param  bool  $withVoices whether recordings go along: whoever may not hear them takes the rest
     * @return array<string, mixed>
     */
    public static function of(Job $job, bool $withVoices = true): array
    {
        $names = $job->origin['authors'] ?? [];
        $photos = Photo::query()
            ->where('job_id', $job->id)
            ->orderBy('created_at')
            ->orderBy('id')
            ->selectRaw("id, encode(jpeg, 'base64') as jpeg64")
            ->toBase()
            ->get();
        $called = [];
        foreach ($photos as $i => $photo) {
            $called[$photo->id] = 'photo-'.($i + 1);
        }
        $recordings = Recording::query()
            ->where('job_id', $job->id)
            ->when(! $withVoices, static fn (Builder $q): Builder => $q->whereRaw('false'))
            ->whereNotNull('wav')
            ->orderBy('created_at')
            ->orderBy('id')
            ->selectRaw("id, encode(wav, 'base64') as wav64")
            ->toBase()
            ->get();
        foreach ($recordings as $i => $recording) {
            $called[$recording->id] = 'recording-'.($i + 1);
        }

        $file = [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'shop' => $job->origin['shop'] ?? $job->shop->name,
            'machine' => ['name' => $job->machine->name, 'model' => $job->machine->model, 'owner' => $job->machine->owner],
            'job' => [
                'number' => $job->origin['number'] ?? $job->number,
                'wheel' => $job->wheel,
                'pattern' => $job->pattern,
                'opened_at' => $job->origin['opened_at'] ?? $job->created_at->utc()->format(self::TIME),
                'signed_at' => $job->signOff?->signed_at->utc()->format(self::TIME),
                'signed_by' => $job->signerName(),
            ],
            'records' => array_values(
                Record::query()
                    ->where('job_id', $job->id)
                    ->with('author:id,name')
                    ->orderBy('seq')
                    ->get()
                    ->map(
                        static fn (Record $r): array => [
                            'place' => $r->place,
                            'value' => self::renamed($r->value, $called),
                            'instrument' => $r->instrument,
                            'made_at' => $r->made_at->utc()->format(self::TIME),
                            'by' => $names[$r->id] ?? $r->author->name,
                        ],
                    )
                    ->all(),
            ),
            'photos' => array_values(
                $photos
                    ->map(static fn (object $p): array => ['name' => $called[$p->id], 'jpeg' => str_replace("\n", '', $p->jpeg64)])
                    ->all(),
            ),
            'recordings' => array_values(
                $recordings
                    ->map(static fn (object $r): array => ['name' => $called[$r->id], 'wav' => str_replace("\n", '', $r->wav64)])
                    ->all(),
            ),
            'traces' => array_values(
                PressTrace::query()
                    ->where('job_id', $job->id)
                    ->orderBy('made_at')
                    ->orderBy('id')
                    ->get()
                    ->map(
                        static fn (PressTrace $t): array => [
                            'seat' => $t->seat,
                            'source' => $t->source,
                            'samples' => $t->samples,
                            'made_at' => $t->made_at->utc()->format(self::TIME),
                        ],
                    )
                    ->all(),
            ),
            'addenda' => array_values(
                Addendum::query()
                    ->where('job_id', $job->id)
                    ->with('author:id,name')
                    ->orderBy('made_at')
                    ->orderBy('id')
                    ->get()
                    ->map(
                        static fn (Addendum $a): array => [
                            'text' => $a->text,
                            'made_at' => $a->made_at->utc()->format(self::TIME),
                            'by' => $names[$a->id] ?? $a->author->name,
                        ],
                    )
                    ->all(),
            ),
            'card' => $job->signOff?->card,
        ];

        return $file + ['signature' => $job->isSigned() ? Seal::under($file, ShopKey::of($job->shop_id)) : null];
    }

    /**
     * Photographs and recordings by the names they have in the file, or by the ids they have in a database. What a recording tells is
     * not told: whoever takes it listens to it again.
     *
     * @param  ?array<string, mixed>  $value
     * @param  array<string, string>  $names
     * @return ?array<string, mixed>
     */
    public static function renamed(?array $value, array $names): ?array
    {
        if (is_array($value['photos'] ?? null)) {
            $value['photos'] = array_values(
                array_filter(array_map(static fn (mixed $id): ?string => is_string($id) ? $names[$id] ?? null : null, $value['photos'])),
            );
        }

        if ($value !== null) {
            $recording = is_string($value['recording'] ?? null) ? $names[$value['recording']] ?? null : null;
            $value = array_diff_key($value, ['heard' => true, 'fault' => true, 'sealed' => true, 'recording' => true]);
            $value = $recording === null ? $value : ['recording' => $recording] + $value;
        }

        return $value;
    }
}
