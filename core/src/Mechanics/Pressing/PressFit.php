<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Pressing;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\BearingKind;
use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Catalogue\Number\Designation;
use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Fit\Fit;
use CleanRace\Core\Mechanics\Fit\FitInput;
use CleanRace\Core\Mechanics\Fit\FitResult;
use CleanRace\Core\Mechanics\Fit\ShaftFit;
use CleanRace\Core\Mechanics\Fit\ShaftFitInput;
use CleanRace\Core\Mechanics\Warmth\Heat;
use CleanRace\Core\Mechanics\Warmth\HeatInput;
use CleanRace\Core\Mechanics\Warmth\HeatResult;
use CleanRace\Core\Mechanics\Warmth\RingHeat;
use CleanRace\Core\Mechanics\Warmth\RingHeatInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Calculator;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** The fit, and what follows from it: heat, force, stress, clearance left. */
#[
    Calculator('press-fit', 'Press fit, all of it', 'size', 'Fit, heat, force and clearance left, from one set of readings.', [
        'number' => '6204 2RS',
        'measured_mm' => 46.98,
        'feel' => 'firm_driving',
        'hub_outside_mm' => 66,
        'material' => 'aluminium',
        'room_c' => 18,
    ]),
]
final readonly class PressFit
{
    public function __construct(private Limits $limits, private DesignationReader $reader = new DesignationReader())
    {
    }

    /** @throws InvalidInput when the bearing is not known, a size does not belong, or the standards do not reach it */
    public function work(PressFitInput $input): PressFitResult
    {
        $read = $this->read($input);
        $size =
            $read->size ??
            Bearing::measured(
                BearingKind::DeepGroove,
                $input->bore ?? Length::mm(1),
                $input->outside ?? Length::mm(2),
                $input->width ?? Length::mm(1),
            );
        $width = $input->width ?? $size->width($read?->isClosed() ?? true);
        $fit = $this->fit($input, $size);
        $heat = $fit->loose ? null : $this->heat($input, $size, $read, $fit);
        $force = $fit->loose ? null : $this->force($input, $size, $width, $fit);
        $clearance = $force === null ? null : $this->clearance($input, $size, $read, $force);

        return new PressFitResult(
            $read->number ?? $size->sizes(),
            $size->bore,
            $size->outside,
            $width,
            $fit,
            $heat,
            $force,
            $clearance,
            $this->verdict($input, $fit, $force, $clearance),
        );
    }

    private function read(PressFitInput $input): ?Designation
    {
        if ($input->number === null || trim($input->number) === '') {
            return null;
        }
        try {
            $read = $this->reader->read($input->number);
        } catch (InvalidInput $fault) {
            throw InvalidInput::about('number', $fault->getMessage());
        }
        if ($read->size === null) {
            throw InvalidInput::about(
                'number',
                sprintf('%s is not in the table: type its bore, outside and width instead.', $read->number),
            );
        }

        return $read;
    }

    private function fit(PressFitInput $input, Bearing $size): FitResult
    {
        try {
            $width = $input->width ?? $size->width();

            return $input->seat === RingSeat::Bore
                ? (new Fit($this->limits))->work(
                    new FitInput(
                        $size->outside,
                        $input->measured,
                        $input->ring,
                        $input->feel,
                        material: $input->material,
                        room: $input->room,
                        compound: $input->compound,
                        meant: $input->meant,
                        ringBore: $size->bore,
                        width: $width,
                        hubOutside: $input->hubOutside,
                        looks: $input->looks,
                        part: $input->part,
                        made: $input->made,
                    ),
                )
                : (new ShaftFit($this->limits))->work(
                    new ShaftFitInput(
                        $size->bore,
                        $input->measured,
                        $input->ring,
                        $input->feel,
                        material: $input->material ?? Material::Steel,
                        room: $input->room,
                        compound: $input->compound,
                        meant: $input->meant,
                        outside: $size->outside,
                        width: $width,
                        shaftHole: $input->shaftHole,
                        looks: $input->looks,
                        part: $input->part,
                        made: $input->made,
                    ),
                );
        } catch (InvalidInput $fault) {
            throw InvalidInput::about(
                in_array($fault->field, ['outside_measured_mm', 'bore_measured_mm'], true) ? 'ring_mm' : 'measured_mm',
                $fault->getMessage(),
            );
        }
    }

    private function heat(PressFitInput $input, Bearing $size, ?Designation $read, FitResult $fit): HeatResult
    {
        $grip = Length::mm(max(0.0, $fit->decided->mm));

        return $input->seat === RingSeat::Bore
            ? (new Heat($this->limits))->work(
                new HeatInput(
                    $size->outside,
                    $grip,
                    $input->material ?? Material::Aluminium,
                    $input->room,
                    $input->finish,
                    $input->freezer,
                ),
            )
            : (new RingHeat($this->limits))->work(new RingHeatInput($size->bore, $grip, $read?->isClosed() ?? true, $input->room));
    }

    private function force(PressFitInput $input, Bearing $size, Length $width, FitResult $fit): ?PressForceResult
    {
        if ($input->seat === RingSeat::Bore && $input->hubOutside === null) {
            return null;
        }

        return (new PressForce($this->limits))->work(
            new PressForceInput(
                $size->bore,
                $size->outside,
                $width,
                $fit->decided,
                $input->hubOutside,
                Length::mm($fit->interferenceHigh->mm - $fit->decided->mm),
                $input->material,
                null,
                $input->oiled,
                $input->pressCapacity,
                $input->drawBolt,
                $input->seat,
                $input->shaftHole,
            ),
        );
    }

    private function clearance(
        PressFitInput $input,
        Bearing $size,
        ?Designation $read,
        PressForceResult $force,
    ): ?ClearanceLeftResult {
        $class = $input->clearance ?? (ClearanceClass::tryFrom($read?->clearance() ?? 'CN') ?? ClearanceClass::C3);
        if ($size->kind !== BearingKind::DeepGroove) {
            return null;
        }
        $inBore = $input->seat === RingSeat::Bore;
        try {
            return (new ClearanceLeft($this->limits))->work(
                new ClearanceLeftInput(
                    $size->bore,
                    $size->outside,
                    $inBore ? $force->pressure : null,
                    $class,
                    $inBore ? null : $force->pressure,
                    $force->pressurePlusMinus(),
                ),
            );
        } catch (InvalidInput) {
            return null;
        }
    }

    private function verdict(PressFitInput $input, FitResult $fit, ?PressForceResult $force, ?ClearanceLeftResult $clearance): Verdict
    {
        $worst = $fit->verdict;
        foreach ([$force?->verdict, $clearance?->verdict] as $other) {
            $worst = $other !== null && $other->level->value === 'stop' && $worst->level->value !== 'stop' ? $other : $worst;
        }

        return $force !== null || $input->seat === RingSeat::Shaft
            ? $worst
            : $worst->because(
                Message::of('press_fit.wall', 'The outside of the {body} is not measured: force and clearance wait for it.'),
            );
    }
}
