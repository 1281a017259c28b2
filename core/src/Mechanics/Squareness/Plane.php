<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Squareness;

use CleanRace\Core\Measure\Clock;

/** The plane through depths around a clock, by least squares: z = z0 + b·cosθ + c·sinθ. Depths in mm. */
final readonly class Plane
{
    /** @param  list<float>  $residuals */
    private function __construct(
        public float $depth,
        public float $b,
        public float $c,
        public float $tiltHalfWidth,
        public array $residuals,
    ) {
    }

    /** @param  non-empty-list<ClockDepth>  $readings at least three that span the clock */
    public static function through(array $readings): self
    {
        $normal = array_fill(0, 3, array_fill(0, 3, 0.0));
        $right = [0.0, 0.0, 0.0];
        $halfWidth = 0.0;
        foreach ($readings as $reading) {
            $row = self::row($reading->clock);
            $halfWidth = max($halfWidth, $reading->depth->halfWidth->mm);
            foreach ($row as $i => $x) {
                $right[$i] += $x * $reading->depth->value->mm;
                foreach ($row as $j => $y) {
                    $normal[$i][$j] += $x * $y;
                }
            }
        }
        $inverse = self::inverse($normal);
        [$depth, $b, $c] = array_map(
            static fn (array $row): float => $row[0] * $right[0] + $row[1] * $right[1] + $row[2] * $right[2],
            $inverse,
        );
        $residuals = array_map(static function (ClockDepth $r) use ($depth, $b, $c): float {
            [, $cos, $sin] = self::row($r->clock);

            return $r->depth->value->mm - $depth - $b * $cos - $c * $sin;
        }, $readings);
        $radius = hypot($b, $c);
        $g = $radius > 1e-12 ? [0.0, $b / $radius, $c / $radius] : [0.0, 1.0, 0.0];
        $variance = 0.0;
        foreach ($g as $i => $x) {
            foreach ($g as $j => $y) {
                $variance += $x * $inverse[$i][$j] * $y;
            }
        }

        return new self($depth, $b, $c, 2 * $halfWidth * sqrt($variance), $residuals);
    }

    /** Difference in depth across the reading circle. */
    public function tilt(): float
    {
        return 2 * hypot($this->b, $this->c);
    }

    /** Where the ring stands least deep. */
    public function highSide(): Clock
    {
        return Clock::nearest(atan2(-$this->c, -$this->b));
    }

    /** @return array{float, float, float} */
    private static function row(Clock $clock): array
    {
        return [1.0, cos($clock->radians()), sin($clock->radians())];
    }

    /**
     * @param  array<int, array<int, float>>  $m symmetric, three by three
     * @return array{array{float, float, float}, array{float, float, float}, array{float, float, float}}
     */
    private static function inverse(array $m): array
    {
        $minor = static fn (int $r1, int $c1, int $r2, int $c2): float => $m[$r1][$c1] * $m[$r2][$c2] - $m[$r1][$c2] * $m[$r2][$c1];
        $det = $m[0][0] * $minor(1, 1, 2, 2) - $m[0][1] * $minor(1, 0, 2, 2) + $m[0][2] * $minor(1, 0, 2, 1);

        return [
            [$minor(1, 1, 2, 2) / $det, -$minor(0, 1, 2, 2) / $det, $minor(0, 1, 1, 2) / $det],
            [-$minor(1, 0, 2, 2) / $det, $minor(0, 0, 2, 2) / $det, -$minor(0, 0, 1, 2) / $det],
            [$minor(1, 0, 2, 1) / $det, -$minor(0, 0, 2, 1) / $det, $minor(0, 0, 1, 1) / $det],
        ];
    }
}
