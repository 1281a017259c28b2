<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Pressing;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Catalogue\Tolerances;
use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Fit\Joint;
use CleanRace\Core\Tables\Limits;
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
    /** So many bearings of the class are thought of, from its tightest to its loosest. */
    private const OF_CLASS = 21;

    public function __construct(private Limits $limits, private Tolerances $tolerances = new Tolerances())
    {
    }

    /** @throws InvalidInput when ISO 5753's table here does not reach the bore */
    public function work(ClearanceLeftInput $input): ClearanceLeftResult
    {
        [$bore, $outside] = [$input->bore->mm, $input->outside->mm];
        $inside = Joint::ringInside($bore, $outside);
        $inner = Joint::innerRingOutside($bore, $outside);
        $steel = Material::Steel->elastic();
        $perOuter = (2 * $outside ** 2 * $inside) / ($steel * ($outside ** 2 - $inside ** 2));
        $perInner = (2 * $bore ** 2 * $inner) / ($steel * ($inner ** 2 - $bore ** 2));
        $byOuter = ($input->pressure->megapascals ?? 0.0) * $perOuter;
        $byInner = ($input->shaftPressure->megapascals ?? 0.0) * $perInner;
        $off = ($input->pressurePlusMinus->megapascals ?? 0.0) * ($input->pressure === null ? $perInner : $perOuter);
        $taken = $byOuter + $byInner;
        [$least, $most] = $this->tolerances->clearance($input->bore, $input->class->value);
        [$leftLeast, $leftMean, $leftMost] = [$least - $taken, ($least + $most) / 2 - $taken, $most - $taken];
        $tight = $this->limits->get($input->blade ? 'clearance.tight_blade' : 'clearance.tight');
        $binds = self::below($tight, $least, $most, new Estimate($taken, $off / 2));
        // A few thousandths of preload harm no ball bearing: clearance alone never stops.
        $verdict =
            $binds > 0.5
                ? Verdict::care(
                    Message::of('clearance.short', 'Little clearance left'),
                    Message::of('clearance.short.say', 'More likely than not the balls run tight. Ask for C3 next time.'),
                )->next(Message::of('clearance.short.next', 'Turn it by hand when it is down.'))
                : Verdict::go(
                    Message::of('clearance.left', 'Enough clearance left'),
                    Message::of('clearance.left.say', 'The balls run free when it is home.'),
                );

        return new ClearanceLeftResult(
            Length::mm($taken),
            Length::mm($leftLeast),
            Length::mm($leftMean),
            Length::mm($leftMost),
            $verdict
                ->showing(
                    Figure::of('clearance_taken', 'Taken by the fit', Length::mm($taken), null, 4),
                    Figure::of('clearance_mean', 'Clearance left, middle', Length::mm($leftMean), null, 4),
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
                        )
                        ->line(
                            'Runs tight',
                            'P(left < limit), over the whole class',
                            Message::filled('limit {limit} mm', limit: sprintf('%+.3f', $tight)),
                            sprintf('%.0f%%', 100 * $binds),
                        ),
                ),
        );
    }

    /** Probability that less than a limit is left of a clearance that lies anywhere in its class; all in mm. */
    private static function below(float $limit, float $least, float $most, Estimate $taken): float
    {
        $sum = 0.0;
        for ($i = 0; $i < self::OF_CLASS; $i++) {
            $has = $least + (($most - $least) * ($i + 0.5)) / self::OF_CLASS;
            $sum += 1 - $taken->probabilityAtMost($has - $limit);
        }

        return $sum / self::OF_CLASS;
    }
}
