<?php

declare(strict_types=1);

namespace App\Calculators;

use CleanRace\Core\Calculators\Registry;
use CleanRace\Core\Verdict\Message;
use stdClass;

/** What a calculator is called, what it answers, and what it takes. */
final readonly class CalculatorCard
{
    /** @param  list<CalculatorField>  $fields */
    private function __construct(
        public string $name,
        public Message|string $title,
        public string $station,
        public Message|string $answers,
        public array $fields,
        public stdClass $example,
    ) {
    }

    /** @param  class-string  $class */
    public static function of(string $class): self
    {
        $about = Registry::about($class);

        return new self(
            $about->name,
            $about->title,
            $about->station,
            $about->answers,
            CalculatorField::all(Calculators::inputOf($class)),
            (object) $about->example,
        );
    }

    /** @return list<self> */
    public static function all(): array
    {
        return array_map(self::of(...), array_values(Registry::all()));
    }
}
