<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Calculators\CalculatorCard;
use App\Calculators\Calculators;
use App\Http\Answer;
use App\Http\Documented;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class CalculatorController
{
    #[Documented('Every calculator: what it answers and what it takes', answers: CalculatorCard::class, many: true)]
    public function index(): JsonResponse
    {
        return Answer::with(['data' => CalculatorCard::all()]);
    }

    public function work(Request $request, Calculators $calculators, string $name): JsonResponse
    {
        return Answer::with($calculators->work($name, $request->json()->all()));
    }
}
