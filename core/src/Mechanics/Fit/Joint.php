<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Fit;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;

/**
 * A ring and what it is pressed into or onto, as thick-walled tubes after Lamé: pressure, force and stress of an
 * interference. All are in proportion to the interference less what the surfaces flatten.
 */
final readonly class Joint
{
    /** A quarter of the section is taken off a ring for its track, to make it a plain tube. */
    private const TRACK_SHARE = 0.25;

    /** Wall of a hub that nobody measured, outside over bore. */
    private const USUAL_WALL = 1.4;

    /** Inside of a cup or a bearing that no table has, as a share of its outside; its width as a share of its section. */
    private const USUAL_INSIDE = 0.5;

    private const USUAL_WIDTH = 0.55;

    /**
     * @param  Length  $width of the bearing
     * @param  ?Length  $around outside of the hub; null where nobody measured it: 1.4 times the bore. Of a shaft nothing
     * @param  ?Length  $hole through the shaft; null when it is solid
     * @param  ?Material  $material of hub or shaft; aluminium and steel where nobody said
     * @param  ?Length  $contact length that touches, when it is not the width less both corners
     * @param  bool  $ringKnown whether bearing and width are those that lie there
     */
    public function __construct(
        public RingSeat $seat,
        public Length $bore,
        public Length $outside,
        public Length $width,
        public ?Length $around = null,
        public ?Length $hole = null,
        public ?Material $material = null,
        public ?Length $contact = null,
        public bool $ringKnown = true,
    ) {
    }

    /** The commonest ring of this outside, or of this bore on a shaft, where only that is known. */
    public static function usual(RingSeat $seat, Length $size, ?Length $around = null, ?Material $material = null): self
    {
        $ring = (new BearingTable())->commonest($seat === RingSeat::Bore ? null : $size, $seat === RingSeat::Bore ? $size : null);
        $bore = $ring->bore ?? ($seat === RingSeat::Bore ? Length::mm(self::USUAL_INSIDE * $size->mm) : $size);
        $outside = $ring->outside ?? ($seat === RingSeat::Bore ? $size : Length::mm($size->mm / self::USUAL_INSIDE));
        $width = $ring?->width() ?? Length::mm(self::USUAL_WIDTH * ($outside->mm - $bore->mm));

        return new self($seat, $bore, $outside, $width, $around, null, $material, null, false);
    }

    /** The same in a hub whose wall is so many times the bore outside. */
    public function withWall(float $timesBore): self
    {
        $around = Length::mm($timesBore * $this->outside->mm);

        return new self($this->seat, $this->bore, $this->outside, $this->width, $around, $this->hole, $this->material, $this->contact);
    }

    /** Diameter at which ring and seat touch. */
    public function diameter(): Length
    {
        return $this->seat === RingSeat::Bore ? $this->outside : $this->bore;
    }

    /** Of hub or shaft. */
    public function body(): Material
    {
        return $this->material ?? ($this->seat === RingSeat::Bore ? Material::Aluminium : Material::Steel);
    }

    /** Whether wall and material were told; a shaft is solid steel until somebody says otherwise. */
    public function isWallKnown(): bool
    {
        return $this->seat === RingSeat::Shaft || ($this->around !== null && $this->material !== null);
    }

    /** The outer ring as a plain tube: its inside diameter, mm. */
    public static function ringInside(float $bore, float $outside): float
    {
        return $outside - self::TRACK_SHARE * ($outside - $bore);
    }

    /** The inner ring as a plain tube: its outside diameter, mm. */
    public static function innerRingOutside(float $bore, float $outside): float
    {
        return $bore + self::TRACK_SHARE * ($outside - $bore);
    }

    /**
     * Pressure in the joint, MPa.
     *
     * @param  float  $interference mm, plus is tight
     */
    public function pressure(Limits $limits, float $interference): float
    {
        return max(0.0, $interference - $limits->get('force.flattening')) * $this->stiffness();
    }

    /**
     * Force to push it, N, oiled or dry.
     *
     * @param  float  $interference mm, plus is tight
     */
    public function force(Limits $limits, float $interference, bool $oiled = true): float
    {
        $friction = $limits->get($oiled ? 'force.friction_oiled' : 'force.friction_dry');

        return $friction * $this->pressure($limits, $interference) * M_PI * $this->diameter()->mm * $this->touches();
    }

    /** Length that touches, mm: the width less both corners. */
    public function touches(): float
    {
        return $this->contact->mm ?? $this->width->mm - 2 * $this->corner();
    }

    /** Radius of the ring's corners, mm: from the table of the size, by rule where it is not there. */
    private function corner(): float
    {
        $size = (new BearingTable())->measuring($this->bore->mm, $this->outside->mm, $this->width->mm);

        return ($size?->corner() ?? Bearing::usualCorner($this->bore, $this->outside, $this->width))->mm;
    }

    /** Hoop stress for each MPa of pressure, in what is stretched: the hub, or the inner ring. */
    public function hoopFactor(): float
    {
        return $this->seat === RingSeat::Bore
            ? self::tube($this->hubOutside()->mm, $this->outside->mm)
            : self::tube(self::innerRingOutside($this->bore->mm, $this->outside->mm), $this->bore->mm);
    }

    /** Interference at which a hub is stressed to its limit, mm; infinite for a shaft, whose hardened ring bears far more. */
    public function splitsAt(Limits $limits): float
    {
        return $this->seat === RingSeat::Shaft
            ? INF
            : $limits->get('force.flattening') + $this->body()->hoopLimit() / ($this->hoopFactor() * $this->stiffness());
    }

    /** MPa for each mm of interference. */
    private function stiffness(): float
    {
        $steel = Material::Steel;
        $body = $this->body();
        $joint = $this->diameter()->mm;
        if ($this->seat === RingSeat::Bore) {
            $around = (self::tube($this->hubOutside()->mm, $joint) + $body->poisson()) / $body->elastic();
            $within = (self::tube($joint, self::ringInside($this->bore->mm, $joint)) - $steel->poisson()) / $steel->elastic();
        } else {
            $ring = self::innerRingOutside($joint, $this->outside->mm);
            $around = (self::tube($ring, $joint) + $steel->poisson()) / $steel->elastic();
            $within = (self::tube($joint, $this->hole->mm ?? 0.0) - $body->poisson()) / $body->elastic();
        }

        return 1 / ($joint * ($around + $within));
    }

    /** Outside of the hub, as measured or as such hubs usually are. */
    public function hubOutside(): Length
    {
        return $this->around ?? Length::mm(self::USUAL_WALL * $this->outside->mm);
    }

    /** Lamé's factor of a tube: (outside² + inside²) / (outside² − inside²); 1 for a solid bar. */
    private static function tube(float $outside, float $inside): float
    {
        return ($outside ** 2 + $inside ** 2) / ($outside ** 2 - $inside ** 2);
    }
}
