<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Catalogue\Tolerances;
use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Measure\InvalidInput;
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
        $meant = $input->meant ?? SeatMeant::PressedFast;
        $made = $input->holeClass;
        $result = (new Grip($this->limits))->judge(
            (new FitSizes($this->limits, $this->tolerances))->evidence(
                $meant,
                $input->joint(),
                $input->made,
                $input->outsideMeasured,
                $input->bore,
                $input->feel,
                $input->looks,
                $made === null ? self::usual($meant) : [$made->value, $made->value],
                $input->room,
                $input->part,
                $input->runsAt,
                $input->compound,
            ),
        );

        return $input->meant !== null ? $result : $result->because(FitWorking::asAtSpeed());
    }

    /** @return array{string, string} what makers bore to, the loosest and the tightest */
    private static function usual(SeatMeant $meant): array
    {
        return match ($meant) {
            SeatMeant::PressedFast => [HoleClass::N7->value, HoleClass::N7->value],
            SeatMeant::PressedSlow => [HoleClass::M7->value, HoleClass::N7->value],
            SeatMeant::StandsStill => [HoleClass::K7->value, HoleClass::N7->value],
            SeatMeant::Clamped, SeatMeant::Slides => [HoleClass::H7->value, HoleClass::J7->value],
        };
    }
}
