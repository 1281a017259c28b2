<?php

declare(strict_types=1);

namespace CleanRace\Core\Practice\Bench\Spin;

use CleanRace\Core\Practice\Bench\Chance;

/** The way of a sound through a fork, a knuckle or a frame: a few notes of its own, each with its loss, and some straight through. */
final readonly class Path
{
    private const STRAIGHT = 0.3;

    /** @param  list<array{float, float, float}>  $modes Hz, width in Hz, gain */
    private function __construct(private array $modes, private float $straight)
    {
    }

    public static function of(Chance $chance, int $least = 4, int $most = 6): self
    {
        $modes = [];
        for ($i = 0, $count = $chance->whole($least, $most); $i < $count; $i++) {
            $modes[] = [1000 * 6 ** $chance->between(0, 1), $chance->between(60, 350), $chance->between(0.4, 1.4)];
        }

        return new self($modes, self::STRAIGHT);
    }

    /** A voice: three formants, nothing straight through. */
    public static function throat(Chance $chance): self
    {
        return new self([
            [$chance->between(450, 750), 120.0, 1.0],
            [$chance->between(1000, 1900), 160.0, 0.7],
            [$chance->between(2300, 2900), 220.0, 0.4],
        ], 0.02);
    }

    /**
     * @param  array<int, float>  $in
     * @return array<int, float>
     */
    public function through(array $in, int $rate): array
    {
        $out = array_map(fn (float $x): float => $this->straight * $x, $in);
        foreach ($this->modes as [$hertz, $width, $gain]) {
            if ($hertz > 0.47 * $rate) {
                continue;
            }
            $r = exp(-M_PI * $width / $rate);
            [$a, $b] = [2 * $r * cos(2 * M_PI * $hertz / $rate), $r * $r];
            $gain *= sin(2 * M_PI * $hertz / $rate);
            [$y1, $y2] = [0.0, 0.0];
            foreach ($in as $i => $x) {
                $y = $x + $a * $y1 - $b * $y2;
                $y2 = $y1;
                $y1 = $y;
                $out[$i] += $gain * $y;
            }
        }

        return $out;
    }
}
