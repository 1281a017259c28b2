<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Bearing;

use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;

/**
 * What a stamped number says: sizes, kind, seals, clearance, whether it suits the hub, what may stand in for it,
 * and what to ask for at the counter.
 */
#[
    Calculator('bearing-number', 'Read a bearing number', 'size', 'What is stamped on the ring, taken apart.', [
        'number' => '6204 2RS C3',
        'use' => 'fast_wheel',
        'nipple' => 'none',
    ]),
]
final readonly class BearingNumber
{
    public function __construct(private Limits $limits, private DesignationReader $reader = new DesignationReader())
    {
    }

    /** @throws InvalidInput when there is no bearing number in it */
    public function work(BearingNumberInput $input): BearingNumberResult
    {
        $readings = $this->reader->readings($input->number);
        $read = $readings[0];

        return BearingNumberResult::of(
            $read,
            array_map(NumberCandidate::of(...), array_slice($readings, 1)),
            (new Substitutes($this->limits))->of($read, $input->use),
            (new InThisHub())->judge($read, $input->hub()),
            NumberVerdict::of($readings),
        );
    }
}
