<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Float;

use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Verdict;

/** The float as it stands, and the washers that would bring it right. */
final readonly class FloatResult
{
    /** @param  list<string>  $add thicknesses to add, as they are written on a bag */
    public function __construct(public Length $float, public array $add, public ?Length $floatThen, public Verdict $verdict)
    {
    }
}
