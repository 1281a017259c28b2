<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepRecording;
use App\Actions\RemoveRecording;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Requests\NewRecordingRequest;
use App\Http\Resources\RecordingSheet;
use App\Models\Job;
use App\Models\Recording;
use App\Models\User;
use App\Sounds\Hearings;
use CleanRace\Core\Measure\InvalidInput;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\Response;

final class RecordingController
{
    #[Documented('Keep a recording of a spun wheel: WAV up to a minute, written anew', answers: RecordingSheet::class, status: 201)]
    public function store(NewRecordingRequest $request, Job $job, KeepRecording $keep, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('work', $job);
        /** @var UploadedFile $file */
        $file = $request->file('recording');
        try {
            $recording = $keep($job, $user, mb_strtolower($request->string('id')->toString()), (string) $file->get());
        } catch (InvalidInput $invalid) {
            throw InvalidInput::about('recording', $invalid->getMessage());
        }

        return Answer::around(RecordingSheet::of($recording, null, false), 201);
    }

    #[Documented('What a recording tells; listened to anew when more is known of its bearing', answers: RecordingSheet::class)]
    public function show(string $recording, Hearings $hearings): JsonResponse
    {
        $recording = Recording::query()->findOrFail($recording, Recording::SHEET);
        Gate::authorize('view', $recording);

        return Answer::around(RecordingSheet::of($recording, ...$hearings->of($recording)));
    }

    #[Documented('Throw a recording away, before the job is signed', status: 204)]
    public function destroy(string $recording, RemoveRecording $remove, #[CurrentUser] User $user): Response
    {
        $recording = Recording::query()->findOrFail($recording, Recording::SHEET);
        Gate::authorize('remove', $recording);
        $remove($recording, $user);

        return Answer::nothing();
    }

    /** The sound itself, to be played or taken along. */
    public function file(Request $request, Recording $recording): Response
    {
        Gate::authorize('view', $recording);
        $wave = $recording->wave();
        abort_if($wave === null, 404);

        return new Response($wave, 200, [
            'Content-Type' => 'audio/wav',
            'Content-Length' => (string) strlen($wave),
            'Cache-Control' => 'private, max-age=31536000, immutable',
        ] + ($request->boolean('download') ? ['Content-Disposition' => 'attachment; filename="wheel.wav"'] : []));
    }
}
