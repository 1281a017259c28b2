<?php

declare(strict_types=1);

namespace CleanRace\Core\Verdict;

use Attribute;

/**
 * Marks a class as a calculator: one public verb `work`, one typed readonly input, one typed readonly result that
 * carries a Verdict. Field names, validation, documentation and the command line follow from the types.
 */
#[Attribute(Attribute::TARGET_CLASS)]
final readonly class Calculator
{
    /** @param  array<string, mixed>  $example an input that works, as callers write it */
    public function __construct(
        public string $name,
        public string $title,
        public string $station,
        public string $answers,
        public array $example,
    ) {
    }
}
