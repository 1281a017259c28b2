<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Plan;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Fit\Fit;
use CleanRace\Core\Mechanics\Fit\FitInput;
use CleanRace\Core\Mechanics\Fit\FitResult;
use CleanRace\Core\Mechanics\Fit\RingTolerance;
use CleanRace\Core\Mechanics\Fit\ShaftFit;
use CleanRace\Core\Mechanics\Fit\ShaftFitInput;
use CleanRace\Core\Mechanics\Pressing\PressForce;
use CleanRace\Core\Mechanics\Pressing\PressForceInput;
use CleanRace\Core\Mechanics\Pressing\PressForceResult;
use CleanRace\Core\Mechanics\Warmth\Heat;
use CleanRace\Core\Mechanics\Warmth\HeatInput;
use CleanRace\Core\Mechanics\Warmth\HeatResult;
use CleanRace\Core\Mechanics\Warmth\HubFinish;
use CleanRace\Core\Mechanics\Warmth\RingHeat;
use CleanRace\Core\Mechanics\Warmth\RingHeatInput;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Tables\Limits;

/**
 * One pressed ring of a job in its seat: the fit from readings and hands, and the heat and force that follow from it.
 * The only place that works them for a job.
 */
final readonly class RingInSeat
{
    public SeatSurvey $survey;

    /**
     * @param  string  $key left or right of a pair, or the part that sits there: its places in the notebook are named by it
     * @param  Length  $bore nought when nobody knows it: no force is worked then
     */
    public function __construct(
        private Limits $limits,
        private Bench $bench,
        string $key,
        private RingSeat $seat,
        private Length $bore,
        private Length $outside,
        private Length $width,
        private SeatMeant $meant,
        private RingTolerance $made = RingTolerance::Normal,
    ) {
        $this->survey = new SeatSurvey($limits, $bench->notebook, $key, $seat, $seat === RingSeat::Bore ? $outside : $bore);
    }

    /** Null until something is known of it: a reading, a feel, or at least what the hub is made of. */
    public function fit(): ?FitResult
    {
        $measured = $this->survey->deciding();
        $feel = $this->survey->feel();
        if ($measured === null && $feel === null && ! $this->bench->notebook->has(Places::MATERIAL)) {
            return null;
        }
        $room = $this->bench->notebook->temperature(Places::ROOM);
        try {
            return $this->seat === RingSeat::Bore
                ? (new Fit($this->limits))->work(
                    new FitInput(
                        $this->outside,
                        $measured,
                        feel: $feel,
                        material: Material::tryFrom($this->bench->notebook->choice(Places::MATERIAL) ?? ''),
                        room: $room,
                        compound: $this->survey->compound(),
                        meant: $this->meant,
                        ringBore: $this->bore->mm > 0 ? $this->bore : null,
                        width: $this->width->mm > 0 ? $this->width : null,
                        hubOutside: $this->wall(),
                        looks: $this->survey->looks(),
                        part: $this->survey->warmth(),
                        made: $this->made,
                    ),
                )
                : (new ShaftFit($this->limits))->work(
                    new ShaftFitInput(
                        $this->bore,
                        $measured,
                        feel: $feel,
                        room: $room,
                        compound: $this->survey->compound(),
                        meant: $this->meant,
                        outside: $this->outside,
                        width: $this->width->mm > 0 ? $this->width : null,
                        looks: $this->survey->looks(),
                        part: $this->survey->warmth(),
                        made: $this->made,
                    ),
                );
        } catch (InvalidInput) {
            return null;
        }
    }

    /** How warm the hub for the ring to drop in, or the ring for it to go onto its shaft; null where it is loose. */
    public function heat(FitResult $fit): ?HeatResult
    {
        if ($fit->loose) {
            return null;
        }
        $grip = Length::mm(max(0.0, $fit->decided->mm));
        $room = $this->bench->notebook->temperature(Places::ROOM);
        if ($this->seat === RingSeat::Shaft) {
            return (new RingHeat($this->limits))->work(new RingHeatInput($this->bore, $grip, true, $room));
        }

        return (new Heat($this->limits))->work(
            new HeatInput(
                $this->outside,
                $grip,
                SizingRun::material($this->bench),
                $room,
                HubFinish::tryFrom($this->bench->notebook->choice(Places::FINISH) ?? '') ?? HubFinish::Paint,
            ),
        );
    }

    /** What pressing it takes; null while the wall is not known, and where it is loose. */
    public function force(FitResult $fit): ?PressForceResult
    {
        if ($this->bore->mm <= 0 || $fit->loose) {
            return null;
        }
        try {
            return (new PressForce($this->limits))->work(
                new PressForceInput(
                    $this->bore,
                    $this->outside,
                    $this->width,
                    $fit->decided,
                    $this->wall() ?? Length::mm(0),
                    Length::mm($fit->interferenceHigh->mm - $fit->decided->mm),
                    $this->seat === RingSeat::Bore ? SizingRun::material($this->bench) : null,
                    pressCapacity: $this->bench->pressCapacity,
                    drawBolt: $this->bench->drawBolt,
                    seat: $this->seat,
                ),
            );
        } catch (InvalidInput) {
            return null;
        }
    }

    /** Outside of the hub round the ring, where it is more than the ring itself. */
    private function wall(): ?Length
    {
        $outside = $this->bench->hub->stack->one(PartKind::Housing)->sizes['outside'] ?? null;

        return $outside === null || $outside->mm <= $this->outside->mm ? null : $outside;
    }
}
