<?php

declare(strict_types=1);

namespace CleanRace\Core\Verdict;

use Attribute;
use CleanRace\Core\Measure\Instrument;

/** What one input of a calculator means and what it may be. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Field
{
    /**
     * @param  string  $label what a mechanic calls it
     * @param  ?float  $least smallest value taken, in the field's unit; a size without one must be more than zero
     * @param  ?float  $most largest value taken, in the field's unit; of a list of numbers, how many
     * @param  Instrument  $by what a reading is taken to be read with when nothing is said
     * @param  class-string|'float'|null  $of what a list holds
     */
    public function __construct(
        public string $label,
        public ?float $least = null,
        public ?float $most = null,
        public Instrument $by = Instrument::DigitalCaliper,
        public ?string $of = null,
    ) {
    }
}
