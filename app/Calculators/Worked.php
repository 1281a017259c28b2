<?php

declare(strict_types=1);

namespace App\Calculators;

use App\Shapes\HasSchema;
use App\Shapes\Schemas;
use CleanRace\Core\Calculators\Registry;

/** What a calculator found, with the calculator's name: from the name follows what the result holds. */
final readonly class Worked implements HasSchema
{
    public function __construct(public string $calculator, public object $result)
    {
    }

    /** @return array<string, mixed> one of the calculators' results, told apart by the calculator's name */
    public static function schema(Schemas $schemas): array
    {
        $one = [];
        foreach (Registry::all() as $name => $class) {
            $one[] = Schemas::object([
                'calculator' => ['type' => 'string', 'const' => $name],
                'result' => $schemas->of(Calculators::resultOf($class)),
            ]);
        }

        return ['oneOf' => $one];
    }
}
