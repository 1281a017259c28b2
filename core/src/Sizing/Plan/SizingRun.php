<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Plan;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Catalogue\Number\Designation;
use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Hub\HubUse;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Mechanics\Pressing\ClearanceClass;
use CleanRace\Core\Mechanics\Pressing\ClearanceLeft;
use CleanRace\Core\Mechanics\Pressing\ClearanceLeftInput;
use CleanRace\Core\Mechanics\Pressing\ClearanceLeftResult;
use CleanRace\Core\Mechanics\Pressing\PressForceResult;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubSizes;
use CleanRace\Core\Sizing\Bearing\BearingFromCaliper;
use CleanRace\Core\Sizing\Bearing\BearingFromCaliperInput;
use CleanRace\Core\Sizing\Bearing\BearingFromCaliperResult;
use CleanRace\Core\Sizing\Bearing\HubConditions;
use CleanRace\Core\Sizing\Bearing\InThisHub;
use CleanRace\Core\Sizing\Bearing\NumberVerdict;
use CleanRace\Core\Sizing\Bearing\RingState;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Verdict;

/** Runs the sizing calculators on what a job's notebook holds. */
final readonly class SizingRun
{
    private const CALIPER_PLACES = ['bore', 'outside', 'width'];

    public function __construct(private Limits $limits)
    {
    }

    /** What is known of both sides, for the stations after it. */
    public function findings(Bench $bench): Findings
    {
        $sizes = HubSizes::of($bench->hub, $bench->notebook);
        $fits = $heats = $forces = [];
        foreach ([Side::Left, Side::Right] as $side) {
            $ring = $this->ring($bench, $side, $sizes);
            $fits[$side->value] = $fit = $ring->fit();
            $heats[$side->value] = $fit === null ? null : $ring->heat($fit);
            $forces[$side->value] = $fit === null ? null : $ring->force($fit);
        }

        return new Findings($sizes, $fits, $heats, $forces, $this->clearance($bench, $sizes, $forces[$sizes->first->value] ?? null));
    }

    /** The seat on that side, as the notebook knows it. */
    public function seat(Bench $bench, Side $side): SeatSurvey
    {
        return $this->ring($bench, $side, HubSizes::of($bench->hub, $bench->notebook))->survey;
    }

    private function ring(Bench $bench, Side $side, HubSizes $sizes): RingInSeat
    {
        return new RingInSeat(
            $this->limits,
            $bench,
            $side->value,
            RingSeat::Bore,
            $sizes->bearing($side)->bore,
            $sizes->bearing($side)->outside,
            $sizes->width($side),
            SeatUse::of($bench, $side->value, RingSeat::Bore),
        );
    }

    /** What the caliper says of the old bearing, when anything is read of it. */
    public function byCaliper(Bench $bench, Side $side): ?BearingFromCaliperResult
    {
        [$bore, $outside, $width] = array_map(
            static fn (string $what): ?Reading => $bench->notebook->reading(PlacesOf::bearing($side->value, $what)),
            self::CALIPER_PLACES,
        );
        if ($bore === null && $outside === null && $width === null) {
            return null;
        }
        try {
            $state = RingState::tryFrom($bench->notebook->choice(PlacesOf::bearing($side->value, 'state')) ?? '') ?? RingState::Worn;

            return (new BearingFromCaliper($this->limits))->work(new BearingFromCaliperInput($bore, $outside, $width, $state));
        } catch (InvalidInput) {
            return null;
        }
    }

    /** @return list<Verdict> what the number settles, and whether the bearing suits the hub */
    public function byNumber(Bench $bench, Side $side): array
    {
        $readings = $this->readings($bench, $side);

        return $readings === []
            ? []
            : array_filter([NumberVerdict::of($readings), (new InThisHub())->judge($readings[0], HubConditions::of($bench))]);
    }

    /** @return list<Designation> */
    private function readings(Bench $bench, Side $side): array
    {
        $number = $bench->notebook->text(PlacesOf::number($side->value));
        try {
            return $number === null ? [] : (new DesignationReader())->readings($number);
        } catch (InvalidInput) {
            return [];
        }
    }

    private function clearance(Bench $bench, HubSizes $sizes, ?PressForceResult $force): ?ClearanceLeftResult
    {
        try {
            return $force === null
                ? null
                : (new ClearanceLeft($this->limits))->work(
                    new ClearanceLeftInput(
                        $sizes->bearing($sizes->first)->bore,
                        $sizes->bearing($sizes->first)->outside,
                        $force->pressure,
                        $this->clearanceClass($bench, $sizes->first),
                        pressurePlusMinus: $force->pressurePlusMinus(),
                        blade: $bench->pattern->card()->use === HubUse::Blade,
                    ),
                );
        } catch (InvalidInput) {
            return null;
        }
    }

    /** The class that is stamped on the new bearing, or on the old; CN where none is. */
    private function clearanceClass(Bench $bench, Side $side): ClearanceClass
    {
        $read = $this->readings($bench, $side)[0] ?? null;

        return ClearanceClass::tryFrom($read?->clearance() ?? '') ?? ClearanceClass::CN;
    }

    /** What the hub is of; aluminium when nobody said. */
    public static function material(Bench $bench): Material
    {
        return Material::tryFrom($bench->notebook->choice(Places::MATERIAL) ?? '') ?? Material::Aluminium;
    }
}
