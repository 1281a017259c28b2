<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Belief;
use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;

/** Whether a ring that must grip does, in a bore or on a shaft: readings and hands together, decided on probability. */
final readonly class Grip
{
    private const ROOM_C = 20.0;

    /** What is thought of before anything is read, in mm; a reading beyond it stretches it by whole steps. */
    private const TIGHTEST = 0.15;

    private const LOOSEST = -0.3;

    private const STEP = 0.0015;

    /** A reading may lie this many of its standard deviations beside the truth. */
    private const STRETCH = 6;

    public function __construct(private Limits $limits)
    {
    }

    /**
     * @param  ?Estimate  $read interference from readings, mm
     * @param  array{float, float}  $nominal interference that makers aim for, least and most, mm
     * @param  float  $growth what a kelvin takes off the interference, mm
     */
    public function judge(
        RingSeat $seat,
        ?Estimate $read,
        ?FitFeel $feel,
        array $nominal,
        FitBands $bands,
        float $growth,
        ?float $roomC,
        bool $compound,
    ): FitResult {
        $belief = $this->believe($read, $feel, $nominal);
        $fit = $belief->estimate();
        $grips = $belief->probabilityAtLeast($this->limits->get('fit.grip_go'));
        $bears = $belief->probabilityAtLeast($this->limits->get('fit.grip_creep'));
        $loose = $read !== null && $read->mean + $read->spread() < $this->limits->get('fit.grip_creep');
        $level = Level::within($this->limits, $grips, $bears, $loose || $feel?->meansLoose() === true);
        $at = fn (string $name): float => $fit->mean - $growth * ($this->limits->get($name) - ($roomC ?? self::ROOM_C));

        $tight = (new GripWords($this->limits))->tooTight($belief, $read, $feel, $nominal[1], $bands->nominal, $fit, $seat);
        $verdict = match (true) {
            // A ring that will not start is as tight as the reading says, however tight that is.
            $belief->clashes && ! ($tight?->level === Level::Stop && $feel === FitFeel::WillNotStart) => GripWords::clash($fit, $read),
            $tight !== null => $tight,
            $level === Level::Go && $at('fit.warm_c') < $this->limits->get('fit.grip_creep') => GripWords::letsGoWarm(),
            default => (new GripWords($this->limits))->judged($level, $fit, $seat, $read === null && $feel === null, $compound),
        };

        return FitResult::of(
            $fit,
            $at('fit.cold_c'),
            $at('fit.warm_c'),
            $grips,
            $bands,
            (new Remedies($this->limits))->of(-$fit->mean, -($fit->mean + $fit->spread()), $seat),
            $verdict
                ->showing(
                    Figure::of('interference', 'Interference', Length::mm($fit->mean), $fit->spread(), 3),
                    Figure::of('nominal_low', 'Factory fit, loosest', Length::mm($nominal[0]), null, 3),
                    Figure::of('nominal_high', 'Factory fit, tightest', Length::mm($nominal[1]), null, 3),
                    Figure::of(
                        'cold',
                        Message::of('figure.cold', 'Interference at {at}', [
                            'at' => Temperature::celsius($this->limits->get('fit.cold_c')),
                        ]),
                        Length::mm($at('fit.cold_c')),
                        null,
                        3,
                    ),
                    Figure::of(
                        'warm',
                        Message::of('figure.warm', 'Interference at {at}', [
                            'at' => Temperature::celsius($this->limits->get('fit.warm_c')),
                        ]),
                        Length::mm($at('fit.warm_c')),
                        null,
                        3,
                    ),
                )
                ->settledBy(
                    $verdict->level === Level::Go
                        ? null
                        : ($seat === RingSeat::Bore
                            ? Message::of(
                                'fit.settle',
                                'A bore gauge or an inside micrometer settles it alone; how the ring goes in tells most of it.',
                            )
                            : Message::of(
                                'fit.settle_shaft',
                                'A micrometer on the shaft settles it alone; how the ring goes on tells most of it.',
                            )),
                )
                ->workedOut((new GripWords($this->limits))->working($read, $feel, $fit, $grips)),
        );
    }

    /** @param  array{float, float}  $nominal */
    private function believe(?Estimate $read, ?FitFeel $feel, array $nominal): Belief
    {
        $soft = $this->limits->get('fit.feel_edge');
        $below = $read === null ? 0 : self::stretch(self::LOOSEST - $read->mean, $read->sigma);
        $above = $read === null ? 0 : self::stretch($read->mean - self::TIGHTEST, $read->sigma);
        $belief = Belief::between(self::LOOSEST - $below * self::STEP, self::TIGHTEST + $above * self::STEP, 301 + $below + $above);
        if ($read !== null) {
            $belief = $belief->reading($read);
        }
        if ($feel !== null) {
            $belief = $belief->band(...[...$feel->band(), $soft]);
        }

        return $read === null && $feel === null ? $belief->band($nominal[0], $nominal[1], $soft) : $belief;
    }

    /** @return int steps that the grid grows by for a reading that lies so far beyond its edge */
    private static function stretch(float $beyond, float $sigma): int
    {
        return $beyond + 3 * $sigma <= 0 ? 0 : (int) ceil(($beyond + self::STRETCH * $sigma) / self::STEP);
    }
}
