<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Cones;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Catalogue\Thread;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;

/** What the arithmetic of a cup-and-cone hub needs of it: the lever from rows of balls to rim, the thread, the squeeze. All in mm. */
final readonly class ConeHub
{
    private function __construct(
        public float $radius,
        public float $spacing,
        public float $circle,
        public Thread $thread,
        public AxleKind $axle,
        public float $axleBore,
        public float $between,
        public Force $squeeze,
        private float $contact,
    ) {
    }

    /** @throws InvalidInput when the hole through the axle leaves no wall */
    public static function of(
        Limits $limits,
        Length $radius,
        Length $spacing,
        Length $circle,
        string $thread,
        AxleKind $axle,
        ?Length $axleBore,
        ?Length $between,
        LeverFeel $lever,
    ): self {
        $read = Thread::read($thread);
        $bore = $axleBore->mm ?? $limits->get('cone.axle_bore');
        if ($axle === AxleKind::QuickRelease && $bore >= $read->root()->mm - 1) {
            throw InvalidInput::about('axle_bore_mm', 'That hole leaves no wall in the axle.');
        }

        return new self(
            $radius->mm,
            $spacing->mm,
            $circle->mm,
            $read,
            $axle,
            $bore,
            max($between->mm ?? $spacing->mm, 1.0),
            $lever->squeeze($limits),
            deg2rad($limits->get('cone.contact_deg')),
        );
    }

    /** Play at the rim for one millimetre of end play. */
    public function lever(): float
    {
        return 1 + (2 * $this->radius * tan($this->contact)) / ($this->spacing + $this->circle * tan($this->contact));
    }

    /** By how much the axle gets shorter when its lever is closed; nothing on a solid one. */
    public function shortening(): Length
    {
        if ($this->axle === AxleKind::Solid) {
            return Length::mm(0);
        }
        $area = (M_PI / 4) * ($this->thread->root()->mm ** 2 - $this->axleBore ** 2);

        return Length::mm(($this->squeeze->newtons * $this->between) / (Material::Steel->elastic() * $area));
    }

    /** How far a cone is turned for an end play. */
    public function turn(float $endPlay): Angle
    {
        return Angle::degrees(($endPlay / $this->thread->pitch->mm) * 360);
    }

    /** The end play to leave on the bench: what the squeeze will take, or next to nothing. */
    public function aim(Limits $limits, bool $noneOnTheBench): float
    {
        return match (true) {
            $this->axle === AxleKind::Solid => $limits->get('cone.solid_aim'),
            $noneOnTheBench => 0.0,
            default => $this->shortening()->mm,
        };
    }
}
