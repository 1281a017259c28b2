<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer;
use App\Http\Documented;
use App\Http\Resources\Pong;
use Illuminate\Http\JsonResponse;

final class PingController
{
    #[Documented(
        'Whether the server answers: needs no sign-in and no database; under signed-in, whether it knows who asks',
        answers: Pong::class,
    )]
    public function __invoke(): JsonResponse
    {
        return Answer::with(new Pong(true));
    }
}
