<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Conflicts\Conflict;
use App\Models\Job;
use App\Models\Photo;
use App\Models\User;
use CleanRace\Core\Measure\Nonsense;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\ImageManager;
use Throwable;

/** Keeps a photograph: opened, turned upright, made smaller and written anew, so that nothing but the picture is kept. */
final class KeepPhoto
{
    private const LONGEST_SIDE = 1600;

    private const MOST_PIXELS = 60_000_000;

    private const QUALITY = 82;

    /**
     * @throws Nonsense when it is not a picture
     * @throws Conflict when the job is signed, or the id stands for another photo
     */
    public function __invoke(Job $job, User $by, string $id, UploadedFile $file): Photo
    {
        $kept = Photo::query()->withoutGlobalScopes()->find($id, ['id', 'job_id', 'shop_id', 'width', 'height']);
        if ($kept !== null) {
            return $kept->job_id === $job->id ? $kept : throw Conflict::idTaken();
        }
        if ($job->isSigned()) {
            throw Conflict::closed();
        }
        [$jpeg, $width, $height] = $this->redrawn($file->getPathname());
        $photo = new Photo(['id' => $id, 'width' => $width, 'height' => $height]);
        $photo->forceFill(['shop_id' => $job->shop_id, 'job_id' => $job->id, 'author_id' => $by->id, 'jpeg' => DB::raw("decode('".base64_encode($jpeg)."', 'base64')")])->save();

        return $photo;
    }

    /** @return array{string, int, int} */
    private function redrawn(string $path): array
    {
        $size = @getimagesize($path);
        if ($size === false) {
            throw Nonsense::about('photo', 'That file is not a picture, whatever its name says. Take a JPEG, PNG or WebP.');
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw Nonsense::about('photo', 'That picture has more than 60 million points. Take it smaller.');
        }
        try {
            $image = (new ImageManager(new Driver))->read($path)->scaleDown(self::LONGEST_SIDE, self::LONGEST_SIDE);

            return [$image->toJpeg(self::QUALITY)->toString(), $image->width(), $image->height()];
        } catch (Throwable) {
            throw Nonsense::about('photo', 'That picture cannot be opened: it may be damaged. Take it again.');
        }
    }
}
