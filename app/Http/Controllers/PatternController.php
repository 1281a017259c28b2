<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Answer;
use App\Http\Documented;
use App\Http\Resources\PatternShown;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\Pattern;
use Illuminate\Http\JsonResponse;

final class PatternController
{
    #[Documented('Every way hubs are built that a job may be opened with', answers: PatternShown::class, many: true)]
    public function __invoke(): JsonResponse
    {
        return Answer::with([
            'data' => array_map(static fn (Pattern $p): PatternShown => PatternShown::of($p), HubPatterns::byMachine()),
        ]);
    }
}
