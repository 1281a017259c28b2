<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Pressing;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Catalogue\Tolerances;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;
use CleanRace\Core\Verdict\Working;

/** What the press fit takes off the radial clearance, and what is left of it. Single-row deep groove only. */
#[
    Calculator('clearance-left', 'Clearance left after pressing', 'size', 'What the fit leaves of the bearing\'s own clearance.', [
        'bore_mm' => 20,
        'outside_mm' => 47,
        'pressure_mpa' => 5.42,
        'class' => 'CN',
    ]),
]
final readonly class ClearanceLeft
{
    public function __construct(private Tolerances $tolerances = new Tolerances())
    {
    }

    /** @throws InvalidInput when ISO 5753's table here does not reach the bore */
    public function work(ClearanceLeftInput $input): ClearanceLeftResult
    {
        [$bore, $outside] = [$input->bore->mm, $input->outside->mm];
        $inside = PressForce::ringInside($bore, $outside);
        $inner = PressForce::innerRingOutside($bore, $outside);
        $byOuter =
            (2 * ($input->pressure->megapascals ?? 0.0) * $outside ** 2 * $inside) /
            (Material::Steel->elastic() * ($outside ** 2 - $inside ** 2));
        $byInner =
            (2 * ($input->shaftPressure->megapascals ?? 0.0) * $bore ** 2 * $inner) /
            (Material::Steel->elastic() * ($inner ** 2 - $bore ** 2));
        $taken = $byOuter + $byInner;
        [$least, $most] = $this->tolerances->clearance($input->bore, $input->class->value);
        [$leftLeast, $leftMean, $leftMost] = [$least - $taken, ($least + $most) / 2 - $taken, $most - $taken];
        $verdict = match (true) {
            $leftMean < 0 => Verdict::stop(
                Message::of('clearance.gone', 'The fit takes all the clearance'),
                Message::of('clearance.gone.say', 'The balls would run tight. Ask for C3, or look at the bore again.'),
            ),
            $leftLeast < 0 => Verdict::care(
                Message::of('clearance.short', 'Little clearance left'),
                Message::of('clearance.short.say', 'A bearing at the tight end of its class would bind. Ask for C3.'),
            ),
            default => Verdict::go(
                Message::of('clearance.left', 'Enough clearance left'),
                Message::of('clearance.left.say', 'The balls run free when it is home.'),
            ),
        };

        return new ClearanceLeftResult(
            Length::mm($taken),
            Length::mm($leftLeast),
            Length::mm($leftMean),
            Length::mm($leftMost),
            $verdict
                ->showing(
                    Figure::of('clearance_taken', 'Taken by the fit', Length::mm($taken), null, 4),
                    Figure::of('clearance_mean', 'Left, in the middle', Length::mm($leftMean), null, 4),
                )
                ->workedOut(
                    Working::start()
                        ->line(
                            'Outer ring pressed in',
                            'Δ = 2·p·D²·d / (E·(D² − d²))',
                            sprintf('p %.2f, D %.2f, d %.2f', $input->pressure->megapascals ?? 0.0, $outside, $inside),
                            Length::mm($byOuter),
                            4,
                        )
                        ->line(
                            'Inner ring stretched',
                            'Δ = 2·p·d²·D / (E·(D² − d²))',
                            sprintf('p %.2f, d %.2f, D %.2f', $input->shaftPressure->megapascals ?? 0.0, $bore, $inner),
                            Length::mm($byInner),
                            4,
                        ),
                ),
        );
    }
}
