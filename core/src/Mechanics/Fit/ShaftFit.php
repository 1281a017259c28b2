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

/** On a shaft: does it hold the inner ring that is pressed on it. */
#[Calculator(
    'shaft-fit',
    'Fit of a ring pressed on a shaft',
    'size',
    'Interference on a shaft from readings and from how it goes on.',
    ['bore_mm' => 30, 'shaft_mm' => 30.012, 'feel' => 'firm_driving'],
)]
final readonly class ShaftFit
{
    public function __construct(private Limits $limits, private Tolerances $tolerances = new Tolerances())
    {
    }

    /** @throws InvalidInput when the standard's tables do not reach the size */
    public function work(ShaftFitInput $input): FitResult
    {
        $ring = $input->boreMeasured?->estimate() ?? $this->tolerances->bore($input->bore);

        return (new Grip($this->limits))->judge(
            RingSeat::Shaft,
            $input->shaft === null ? null : $input->shaft->estimate()->minus($ring),
            $input->feel,
            $this->tolerances->nominalShaftInterference($input->bore, $input->shaftClass->value),
            $this->bands($input),
            $input->bore->mm * (Material::Steel->alpha() - $input->material->alpha()),
            $input->room?->celsius,
            $input->compound,
        );
    }

    private function bands(ShaftFitInput $input): FitBands
    {
        $nominal = $input->bore->mm;
        [$ringLow, $ringHigh] =
            $input->boreMeasured === null
                ? $this->tolerances->boreBand($input->bore)
                : [
                    $input->boreMeasured->value->mm - $nominal - $input->boreMeasured->halfWidth->mm,
                    $input->boreMeasured->value->mm - $nominal + $input->boreMeasured->halfWidth->mm,
                ];
        [$seatLow, $seatHigh] =
            $input->shaft === null
                ? $this->tolerances->classBand($input->bore, $input->shaftClass->value)
                : [
                    $input->shaft->value->mm - $nominal - $input->shaft->halfWidth->mm,
                    $input->shaft->value->mm - $nominal + $input->shaft->halfWidth->mm,
                ];

        return new FitBands(
            $input->bore,
            Length::mm($ringLow),
            Length::mm($ringHigh),
            Length::mm($seatLow),
            Length::mm($seatHigh),
            $input->boreMeasured !== null,
            $input->shaft !== null,
        );
    }
}
