<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Catalogue\Tolerances;
use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Verdict;

/** Does the axle slide in the bearing as it must, without being worn. */
#[
    Calculator('sliding-fit', 'Fit of an axle that slides', 'size', 'Axle against the bore of its bearing.', [
        'bore_mm' => 20,
        'shaft_mm' => ['value' => 19.97, 'instrument' => 'micrometer'],
    ]),
]
final readonly class SlidingFit
{
    public function __construct(private Limits $limits, private Tolerances $tolerances = new Tolerances())
    {
    }

    /** @throws InvalidInput when the standard's table does not reach the size */
    public function work(SlidingFitInput $input): SlidingFitResult
    {
        $meant = $input->meant ?? SeatMeant::Slides;
        $fit = (new ShaftFit($this->limits, $this->tolerances))->work(
            new ShaftFitInput($input->bore, $input->shaft, null, $input->feel, meant: $meant, looks: $input->looks),
        );

        return new SlidingFitResult(
            $fit->interference,
            Verdict::of($fit->verdict->level, $fit->verdict->headline, $fit->verdict->sentence)
                ->showing(
                    Figure::of('sliding', 'Outside less bore', $fit->interference, $fit->interferenceHigh->mm - $fit->decided->mm, 3),
                )
                ->because(...$fit->verdict->why)
                ->next($fit->verdict->next)
                ->settledBy($fit->verdict->settledBy)
                ->workedOut($fit->verdict->working),
        );
    }
}
