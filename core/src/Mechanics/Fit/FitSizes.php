<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Catalogue\Tolerances;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Temperature;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Working;

/** Makes what is known of a ring in a bore, or on a shaft, into the evidence of its fit. */
final readonly class FitSizes
{
    private const ROOM_C = 20.0;

    public function __construct(private Limits $limits, private Tolerances $tolerances)
    {
    }

    /**
     * @param  ?Reading  $ring of the ring, where somebody measured it
     * @param  ?Reading  $seat of bore or shaft
     * @param  list<WallLook>  $looks
     * @param  array{string, string}  $classes that makers aim for, the loosest and the tightest (ISO 286)
     * @param  ?Temperature  $part of hub or shaft when it was read
     *
     * @throws InvalidInput when the standard's tables do not reach the size
     */
    public function evidence(
        SeatMeant $meant,
        Joint $joint,
        RingTolerance $made,
        ?Reading $ring,
        ?Reading $seat,
        ?FitFeel $feel,
        array $looks,
        array $classes,
        ?Temperature $room,
        ?Temperature $part,
        ?Temperature $runsAt,
        bool $compound,
    ): SeatEvidence {
        $nominal = $joint->diameter();
        $inch = $made === RingTolerance::InchTaper;
        $inBore = $joint->seat === RingSeat::Bore;
        $sign = $inBore ? 1 : -1;
        $band = $inBore ? $this->tolerances->outsideBand($nominal, $inch) : $this->tolerances->boreBand($nominal, $inch);
        $size = $ring?->estimate() ?? ($inBore ? $this->tolerances->outside($nominal, $inch) : $this->tolerances->bore($nominal, $inch));
        $read = $seat === null ? null : SeatReading::of($this->limits, $seat, $joint->seat, $part, $joint->body()->alpha());
        $steel = Material::Steel->alpha();
        $alpha = $joint->body()->alpha();

        return new SeatEvidence(
            $meant,
            $joint,
            $nominal,
            $read === null ? null : new Estimate($sign * ($size->mean - $read->size->mean), hypot($size->sigma, $read->size->sigma)),
            $read === null ? null : $sign * (($ring->value->mm ?? $nominal->mm) - $read->read->mm),
            $feel,
            $looks,
            [$this->span($joint, $classes[0], $inch)[0], $this->span($joint, $classes[1], $inch)[1]],
            $this->most($meant, $joint, $inch),
            $nominal->mm * ($inBore ? $alpha - $steel : $steel - $alpha),
            $room->celsius ?? self::ROOM_C,
            $runsAt->celsius ?? $this->limits->get($meant === SeatMeant::PressedFast ? 'fit.warm_c' : 'fit.warm_light_c'),
            $compound,
            $this->bands($nominal, $ring, $seat, $band, $classes),
            $read?->working() ?? Working::start(),
        );
    }

    /** Tightest that makers give such a ring, mm: P7 in light metal, N7 in iron and steel, k6 or h6 on a shaft. */
    private function most(SeatMeant $meant, Joint $joint, bool $inch): float
    {
        if ($joint->seat === RingSeat::Shaft) {
            return $this->span($joint, $meant->grips() ? ShaftClass::K6->value : ShaftClass::H6->value, $inch)[1];
        }

        return match ($joint->body()) {
            Material::Nylon => $this->limits->get('fit.nylon_most') * $joint->outside->mm,
            Material::CastIron, Material::Steel => $this->span($joint, HoleClass::N7->value, $inch)[1],
            default => $this->span($joint, HoleClass::P7->value, $inch)[1],
        };
    }

    /** @return array{float, float} interference that a class gives, least and most, mm */
    private function span(Joint $joint, string $class, bool $inch): array
    {
        return $joint->seat === RingSeat::Bore
            ? $this->tolerances->nominalInterference($joint->outside, $class, $inch)
            : $this->tolerances->nominalShaftInterference($joint->bore, $class, $inch);
    }

    /**
     * @param  array{float, float}  $band of the ring
     * @param  array{string, string}  $classes
     */
    private function bands(Length $nominal, ?Reading $ring, ?Reading $seat, array $band, array $classes): FitBands
    {
        $of = static fn (Reading $read): array => [
            $read->value->mm - $nominal->mm - $read->halfWidth->mm,
            $read->value->mm - $nominal->mm + $read->halfWidth->mm,
        ];
        [$ringLow, $ringHigh] = $ring === null ? $band : $of($ring);
        $made = [...$this->tolerances->classBand($nominal, $classes[0]), ...$this->tolerances->classBand($nominal, $classes[1])];
        [$seatLow, $seatHigh] = $seat === null ? [min($made), max($made)] : $of($seat);

        return new FitBands(
            $nominal,
            Length::mm($ringLow),
            Length::mm($ringHigh),
            Length::mm($seatLow),
            Length::mm($seatHigh),
            $ring !== null,
            $seat !== null,
        );
    }
}
