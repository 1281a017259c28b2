<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Calculators\Asked;
use App\Calculators\CalculatorCard;
use App\Calculators\Calculators;
use App\Http\Answer;
use App\Http\Documented;
use App\Http\Requests\AskRequest;
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

    #[Documented('Ask in words, or a calculator by its name: how it is understood, and what was found', answers: Asked::class)]
    public function ask(AskRequest $request, Calculators $calculators): JsonResponse
    {
        $question = $request->question();

        return Answer::with(
            $question === null
                ? Asked::byName($calculators, $request->string('calculator')->toString(), $request->given())
                : Asked::inWords($calculators, $question, $request->integer('as')),
        );
    }
}
