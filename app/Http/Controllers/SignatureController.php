<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SignJob;
use App\Bench\Board;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Requests\People\SignRequest;
use App\Http\Resources\JobCard;
use App\Models\Job;
use App\Models\User;
use App\SignIn\BenchCode;
use App\SignIn\TabletHere;
use CleanRace\Core\Measure\InvalidInput;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class SignatureController
{
    public function __construct(private readonly TabletHere $here, private readonly BenchCode $codes)
    {
    }

    #[Documented('Sign a job off: mechanics and owners, when nothing stands in the way', answers: JobCard::class, status: 201)]
    public function store(SignRequest $request, Job $job, SignJob $sign, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('sign', $job);
        $this->mustBeThem($request, $user);
        $sign($job, $user);

        return Answer::with(JobCard::of(Board::row($job->id)), 201);
    }

    /**
     * Where several take over from one another, whoever signs shows once more who they are.
     *
     * @throws InvalidInput about the code
     */
    private function mustBeThem(SignRequest $request, User $user): void
    {
        $tablet = $user->bench_code === null ? null : $this->here->find($request);
        if ($tablet === null) {
            return;
        }
        $code = $request->string('code')->toString();
        if ($code === '' || ! $this->codes->fits($user, $tablet, $code)) {
            throw InvalidInput::about('code', $code === '' ? 'Type your code to sign.' : 'That is not your code.');
        }
    }
}
