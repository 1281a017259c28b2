<?php

declare(strict_types=1);

namespace CleanRace\Core\Practice\Bench;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Seating\Press\PressKind;
use CleanRace\Core\Seating\Press\PressSample;

/**
 * A press that behaves: the force–travel curve of one seating, as a load cell and a travel gauge would show it. What is
 * true of the seating is handed in; what the gauges add comes by chance.
 */
final readonly class PressSimulator
{
    /** Seatings it can play. */
    public const KINDS = [
        PressKind::Good,
        PressKind::Cocked,
        PressKind::DirtyBore,
        PressKind::Oversize,
        PressKind::EarlyHome,
        PressKind::MissingSleeve,
        PressKind::Loose,
    ];

    /** mm of travel from one sample to the next */
    private const STEP = 0.03;

    /** N per mm once metal stands on metal: ledge, press frame and driver together */
    private const STIFF = 18_000.0;

    public function __construct(private Chance $chance)
    {
    }

    /**
     * @param  float  $grip mm of the ring that grip
     * @param  float  $home mm of travel at which it should come home
     * @param  float  $slide N it should slide at
     * @return list<PressSample>
     */
    public function trace(PressKind $kind, float $grip, float $home, float $slide): array
    {
        $force =
            $slide *
            match ($kind) {
                PressKind::Oversize => $this->chance->between(2.4, 4.2),
                PressKind::Loose => $this->chance->between(0.0, 0.12),
                default => $this->chance->between(0.85, 1.15),
            };
        $stands =
            $home +
            match ($kind) {
                PressKind::EarlyHome => -$this->chance->between(0.7, min(5.0, 0.4 * $home)),
                PressKind::MissingSleeve => $this->chance->between(1.5, 6.0),
                default => $this->chance->error(0.05),
            };
        $wedge = $kind === PressKind::Cocked ? $this->chance->between(3.0, 6.0) : 0.0;
        $frees = $grip * $this->chance->between(0.25, 0.5);
        // Somebody watching the gauge stops a cocked one early; another comes straight by itself, having scored the bore.
        $ends = $kind === PressKind::Cocked && $this->chance->between(0, 1) < 0.6 ? $grip * $this->chance->between(0.35, 0.7) : INF;
        $grits = $kind === PressKind::DirtyBore ? $this->grits($stands) : [];
        $samples = [];
        $stick = 0.0;
        for ($travel = 0.0, $top = 3.5 * $force + 4000; $travel < $home + 8; $travel += self::STEP) {
            $in = min(1.0, $travel / $grip);
            $f = $force * $in * (1 + $wedge * exp(-$travel / $frees));
            foreach ($grits as [$at, $width, $height]) {
                $f += $force * $height * exp(-((($travel - $at) / $width) ** 2)) * max(0.3, $in);
            }
            if ($kind === PressKind::DirtyBore || $kind === PressKind::Cocked) {
                $stick = $stick > $this->chance->between(0.1, 0.3) ? 0.0 : $stick + 0.05 * $this->chance->between(0, 1);
                $f *= 1 + $stick;
            }
            $f += max(0.0, $travel - $stands) * self::STIFF;
            $samples[] = new PressSample(
                Length::mm($travel + $this->chance->error(0.004)),
                Force::newtons($f * (1 + $this->chance->error(0.012)) + $this->chance->error(6.0)),
            );
            if ($f > $top || $travel > $ends) {
                break;
            }
        }

        return $samples;
    }

    /** @return list<array{float, float, float}> where, how long in mm, and how high as a share */
    private function grits(float $stands): array
    {
        return array_map(
            fn (): array => [
                $this->chance->between(0.15 * $stands, 0.85 * $stands),
                $this->chance->between(0.15, 0.5),
                $this->chance->between(0.6, 1.6),
            ],
            range(1, $this->chance->whole(2, 5)),
        );
    }
}
