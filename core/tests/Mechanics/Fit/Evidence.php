<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Fit;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Catalogue\Tolerances;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Fit\FitSizes;
use CleanRace\Core\Mechanics\Fit\Joint;
use CleanRace\Core\Mechanics\Fit\RingTolerance;
use CleanRace\Core\Mechanics\Fit\SeatEvidence;
use CleanRace\Core\Tables\Limits;

/** A seat of which nothing is known but its size. */
final class Evidence
{
    public static function of(
        float $size,
        RingSeat $seat = RingSeat::Bore,
        SeatMeant $meant = SeatMeant::PressedFast,
        ?Material $material = null,
    ): SeatEvidence {
        return (new FitSizes(Limits::standard(), new Tolerances()))->evidence(
            $meant,
            Joint::usual($seat, Length::mm($size), null, $material),
            RingTolerance::Normal,
            null,
            null,
            null,
            [],
            $seat === RingSeat::Bore ? ['N7', 'N7'] : ['k6', 'k6'],
            null,
            null,
            null,
            false,
        );
    }
}
