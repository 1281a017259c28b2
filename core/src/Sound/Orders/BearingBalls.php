<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Orders;

use CleanRace\Core\Catalogue\BallSet;
use CleanRace\Core\Catalogue\BearingKind;
use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;

/** The balls of a bearing that is said by its number, or by its two diameters. */
final readonly class BearingBalls
{
    public function __construct(private DesignationReader $reader = new DesignationReader())
    {
    }

    /**
     * Null when neither is said.
     *
     * @throws InvalidInput when it is not a single-row ball bearing
     */
    public function of(?string $number, ?Length $bore, ?Length $outside): ?BallSet
    {
        if ($number === null) {
            return $bore === null || $outside === null ? null : BallSet::usual($bore, $outside);
        }
        $bearing = $this->reader->readings($number)[0]->size;
        if ($bearing === null || $bearing->kind !== BearingKind::DeepGroove) {
            throw InvalidInput::about('number', 'That is no single-row ball bearing: its balls or rollers lie otherwise.');
        }

        return BallSet::of($bearing);
    }
}
