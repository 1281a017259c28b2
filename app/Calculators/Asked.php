<?php

declare(strict_types=1);

namespace App\Calculators;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Sizing\Finder\Interpretation;
use CleanRace\Core\Sizing\Finder\Question;
use CleanRace\Core\Sizing\Finder\QuestionInput;

/** One question of the Finder, answered in one go: the ways it can be understood, and what the calculator of the chosen way found. */
final readonly class Asked
{
    /**
     * @param  list<Interpretation>  $readings the likeliest first; none when a calculator was named
     * @param  int  $chosen which of them was worked
     * @param  ?Worked  $worked null when the input does not fit the calculator
     * @param  list<array{field: string, detail: string, missing: bool}>  $faults what does not fit, or is not said yet
     */
    private function __construct(public array $readings, public int $chosen, public ?Worked $worked, public array $faults)
    {
    }

    /** @throws InvalidInput when nothing is understood */
    public static function inWords(Calculators $calculators, QuestionInput $question, int $as): self
    {
        $readings = (new Question())->work($question)->readings;
        $chosen = isset($readings[$as]) ? $as : 0;

        return self::of($calculators, $readings[$chosen]->calculator, (array) $readings[$chosen]->input, $readings, $chosen);
    }

    /**
     * @param  array<mixed>  $input as the calculator takes it
     *
     * @throws UnknownCalculator
     */
    public static function byName(Calculators $calculators, string $calculator, array $input): self
    {
        return self::of($calculators, $calculator, $input, [], 0);
    }

    /**
     * @param  array<mixed>  $input
     * @param  list<Interpretation>  $readings
     */
    private static function of(Calculators $calculators, string $calculator, array $input, array $readings, int $chosen): self
    {
        try {
            return new self($readings, $chosen, new Worked($calculator, $calculators->work($calculator, $input)), []);
        } catch (InputFaults $faults) {
            return new self(
                $readings,
                $chosen,
                null,
                array_map(
                    static fn (array $f): array => [
                        'field' => $f['field'],
                        'detail' => $f['detail'],
                        'missing' => $f['missing'] ?? false,
                    ],
                    $faults->faults,
                ),
            );
        }
    }
}
