<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Measure\Money;
use CleanRace\Core\Verdict\Field;

/** What both ways cost: bearings fitted at the bench, or the whole assembly from the machine's maker. */
final readonly class AssemblyInput
{
    public function __construct(
        #[Field('Bearings, seals and what goes with them')] public Money $parts,
        #[Field('Minutes at the bench', least: 0, most: 3000)] public int $minutes,
        #[Field('The assembly, new')] public Money $assembly,
        #[Field('Minutes to fit the assembly', least: 0, most: 3000)] public int $assemblyMinutes,
        #[Field('Labour rate per hour')] public Money $hour,
        #[Field('Of a hundred such hubs, how many turn out worn', least: 0, most: 100)] public int $risk = 10,
    ) {
    }
}
