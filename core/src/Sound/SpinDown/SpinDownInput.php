<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\SpinDown;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Field;

/** When the valve passed while the wheel ran out; the same before or of the other wheel, and what the rim weighs, where they are known. */
final readonly class SpinDownInput
{
    /** @throws InvalidInput when one of the two that make the inertia is missing */
    public function __construct(
        #[Field('Times of the passes, in seconds')] public string $passes,
        #[Field('The same, before')] public ?string $before = null,
        #[Field('The same, of the other wheel')] public ?string $other = null,
        #[Field('Rim, tyre and hub of the two are alike')] public bool $alike = false,
        #[Field('Rim with tyre, grams', least: 1, most: 100000)] public ?int $rimGrams = null,
        #[Field('Radius to the middle of the rim')] public ?Length $radius = null,
    ) {
        if (($rimGrams === null) !== ($radius === null)) {
            throw InvalidInput::about('radius_mm', 'A torque takes both: what the rim weighs, and its radius.');
        }
    }
}
