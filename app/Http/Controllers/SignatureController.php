<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SignJob;
use App\Bench\Board;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Resources\JobCard;
use App\Models\Job;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class SignatureController
{
    #[Documented('Sign a job off: mechanics and owners, when nothing stands in the way', answers: JobCard::class, status: 201)]
    public function store(Job $job, SignJob $sign, #[CurrentUser] User $user): JsonResponse
    {
        Gate::authorize('sign', $job);
        $sign($job, $user);

        return Answer::with(JobCard::of(Board::row($job->id)), 201);
    }
}
