<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Catalogue\Tolerances;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;

/** Does the bore hold the ring, from readings, from how it goes in, or from what makers bore to. */
#[
    Calculator('fit', 'Fit of a ring in its bore', 'size', 'Interference from readings and from how it goes in.', [
        'outside_mm' => 47,
        'bore_mm' => 46.98,
        'feel' => 'firm_driving',
    ]),
]
final readonly class Fit
{
    public function __construct(private Limits $limits, private Tolerances $tolerances = new Tolerances())
    {
    }

    /** @throws InvalidInput when the standard's tables do not reach the size */
    public function work(FitInput $input): FitResult
    {
        $ring = $input->outsideMeasured?->estimate() ?? $this->tolerances->outside($input->outside);

        return (new Grip($this->limits))->judge(
            RingSeat::Bore,
            $input->bore === null ? null : $ring->minus($input->bore->estimate()),
            $input->feel,
            $this->tolerances->nominalInterference($input->outside, $input->holeClass->value),
            $this->bands($input),
            $input->outside->mm * ($input->material->alpha() - Material::Steel->alpha()),
            $input->room?->celsius,
            $input->compound,
        );
    }

    private function bands(FitInput $input): FitBands
    {
        $nominal = $input->outside->mm;
        [$ringLow, $ringHigh] =
            $input->outsideMeasured === null
                ? $this->tolerances->outsideBand($input->outside)
                : [
                    $input->outsideMeasured->value->mm - $nominal - $input->outsideMeasured->halfWidth->mm,
                    $input->outsideMeasured->value->mm - $nominal + $input->outsideMeasured->halfWidth->mm,
                ];
        [$seatLow, $seatHigh] =
            $input->bore === null
                ? $this->tolerances->classBand($input->outside, $input->holeClass->value)
                : [
                    $input->bore->value->mm - $nominal - $input->bore->halfWidth->mm,
                    $input->bore->value->mm - $nominal + $input->bore->halfWidth->mm,
                ];

        return new FitBands(
            $input->outside,
            Length::mm($ringLow),
            Length::mm($ringHigh),
            Length::mm($seatLow),
            Length::mm($seatHigh),
            $input->outsideMeasured !== null,
            $input->bore !== null,
        );
    }
}
