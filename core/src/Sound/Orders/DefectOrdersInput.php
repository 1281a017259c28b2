<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Orders;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Sound\TurningRing;
use CleanRace\Core\Verdict\Field;

/** A bearing by its number or its two diameters, which of its rings turns, and how fast it is spun. */
final readonly class DefectOrdersInput
{
    /** @throws InvalidInput when neither a number nor both diameters are said */
    public function __construct(
        #[Field('Number of the bearing')] public ?string $number = null,
        #[Field('Or its bore')] public ?Length $bore = null,
        #[Field('and its outside diameter')] public ?Length $outside = null,
        #[Field('The ring that turns')] public TurningRing $turning = TurningRing::Outer,
        #[Field('Turns a minute', least: 1, most: 20000)] public int $turnsAMinute = 150,
    ) {
        if ($number === null && ($bore === null || $outside === null)) {
            throw InvalidInput::about('number', 'Give the number of the bearing, or its bore and its outside diameter.');
        }
        if ($bore !== null && $outside !== null && $bore->mm >= $outside->mm) {
            throw InvalidInput::boreNotSmaller();
        }
    }
}
