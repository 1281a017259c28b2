<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepPhoto;
use App\Actions\RemovePhoto;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Requests\NewPhotoRequest;
use App\Http\Resources\PhotoCard;
use App\Models\Job;
use App\Models\Photo;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\Response;

final class PhotoController
{
    #[Documented('Keep a photo: JPEG, PNG or WebP up to 10 MB, written anew as JPEG', answers: PhotoCard::class, status: 201)]
    public function store(NewPhotoRequest $request, Job $job, KeepPhoto $keep, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('work', $job);
        /** @var UploadedFile $file */
        $file = $request->file('photo');
        $photo = $keep($job, $user, mb_strtolower($request->string('id')->toString()), $file);

        return Answer::with(new PhotoCard($photo->id, $photo->width, $photo->height), 201);
    }

    #[Documented('Throw a photo away, before the job is signed', status: 204)]
    public function destroy(Photo $photo, RemovePhoto $remove, #[CurrentUser] User $user): Response
    {
        Gate::authorize('remove', $photo);
        $remove($photo, $user);

        return Answer::nothing();
    }

    public function show(Photo $photo): Response
    {
        Gate::authorize('view', $photo);
        $jpeg = $photo->getAttribute('jpeg');

        return new Response(is_resource($jpeg) ? (string) stream_get_contents($jpeg) : (string) $jpeg, 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ]);
    }
}
