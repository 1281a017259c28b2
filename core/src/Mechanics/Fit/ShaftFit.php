<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Catalogue\Tolerances;
use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Measure\InvalidInput;
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
        $meant = $input->meant ?? SeatMeant::PressedFast;
        $made = $input->shaftClass;
        $result = (new Grip($this->limits))->judge(
            (new FitSizes($this->limits, $this->tolerances))->evidence(
                $meant,
                $input->joint(),
                $input->made,
                $input->boreMeasured,
                $input->shaft,
                $input->feel,
                $input->looks,
                match (true) {
                    $made !== null => [$made->value, $made->value],
                    $meant->grips() => [ShaftClass::K6->value, ShaftClass::K6->value],
                    default => [ShaftClass::G6->value, ShaftClass::H6->value],
                },
                $input->room,
                $input->part,
                null,
                $input->compound,
            ),
        );

        return $input->meant !== null ? $result : $result->because(FitWorking::asAtSpeed());
    }
}
