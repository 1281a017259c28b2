<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\SmallParts;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Verdict\Field;

/** Several loose balls, each measured once. */
final readonly class BallInput
{
    private const MOST = 60;

    /** @param  list<BallReading>  $balls */
    public function __construct(
        #[Field('Balls', of: BallReading::class)] public array $balls,
        #[Field('Read with')] public Instrument $instrument = Instrument::DigitalCaliper,
    ) {
        if ($balls === [] || count($balls) > self::MOST) {
            throw InvalidInput::about('balls', 'Measure one ball at least, and several when you can: sixty are enough.');
        }
    }
}
