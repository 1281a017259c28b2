<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Conflicts\Conflict;
use App\Models\Job;
use App\Models\Photo;
use App\Models\User;
use CleanRace\Core\Measure\InvalidInput;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

/** Keeps a photograph, redrawn. */
final readonly class KeepPhoto
{
    public function __construct(private RedrawPicture $redraw)
    {
    }

    /**
     * @throws InvalidInput when it is not a picture
     * @throws Conflict when the job is signed, or the id stands for another photo
     */
    public function __invoke(Job $job, User $by, string $id, UploadedFile $file): Photo
    {
        $kept = self::keptAs($id, $job);
        if ($kept !== null) {
            return $kept;
        }
        $job->mustBeOpen();
        [$jpeg, $width, $height] = ($this->redraw)((string) $file->get());

        return DB::transaction(static function () use ($job, $by, $id, $jpeg, $width, $height): Photo {
            // Whoever signs holds this row: a photo comes before the signature, or not at all.
            $job = Job::query()->whereKey($job->id)->lockForUpdate()->firstOrFail();

            return self::keptAs($id, $job) ?? self::keep($job, $by, $id, $jpeg, $width, $height);
        });
    }

    /** @throws Conflict when the id stands for another photo */
    private static function keptAs(string $id, Job $job): ?Photo
    {
        $kept = Photo::query()
            ->withoutGlobalScopes()
            ->find($id, ['id', 'job_id', 'shop_id', 'width', 'height']);

        return $kept === null || $kept->job_id === $job->id ? $kept : throw Conflict::idTaken();
    }

    /** @throws Conflict when the job was signed meanwhile */
    private static function keep(Job $job, User $by, string $id, string $jpeg, int $width, int $height): Photo
    {
        $job->mustBeOpen();
        $photo = new Photo(['id' => $id, 'width' => $width, 'height' => $height]);
        $photo
            ->forceFill([
                'shop_id' => $job->shop_id,
                'job_id' => $job->id,
                'author_id' => $by->id,
                'jpeg' => DB::raw("decode('".base64_encode($jpeg)."', 'base64')"),
            ])
            ->save();

        return $photo;
    }
}
