<?php

declare(strict_types=1);

namespace CleanRace\Core\Practice\Bench\Spin;

use CleanRace\Core\Practice\Bench\Chance;

/** What turns with a wheel and is no bearing: a brake that rubs, a spoke that ticks, a freehub that clicks. */
final readonly class Beside
{
    public function __construct(private Chance $chance)
    {
    }

    /** @return ?array<int, float> what it puts into the frame; null when nothing does */
    public function turning(Scene $scene, HandSpin $spin, int $count): ?array
    {
        if ($scene->rub <= 0 && $scene->tick <= 0 && $scene->pawls === 0) {
            return null;
        }
        $chance = $this->chance;
        $in = array_fill(0, $count, 0.0);
        if ($scene->rub > 0) {
            $this->rub($in, $scene, $spin);
        }
        if ($scene->tick > 0) {
            foreach ($spin->passes($chance->between(0, 1)) as $at) {
                ContactMicrophone::strike($in, $at * $scene->rate, $scene->tick * $chance->between(0.7, 1.3));
            }
        }
        for ($i = 0, $off = $chance->between(0, 1); $i < $scene->pawls; $i++) {
            $place = ($i + $off) / $scene->pawls + $chance->error(0.0005);
            foreach ($spin->passes($place) as $at) {
                ContactMicrophone::strike($in, $at * $scene->rate, 12 * $chance->between(0.7, 1.3));
            }
        }

        return $in;
    }

    /** @param  array<int, float>  $in */
    private function rub(array &$in, Scene $scene, HandSpin $spin): void
    {
        $chance = $this->chance;
        [$middle, $wide, $turn, $hard] = [$chance->between(0, 1), $chance->between(0.12, 0.55), -1, 1.0];
        $each = $scene->rate / HandSpin::STEPS;
        $noise = Noise::white($chance, count($in));
        foreach ($noise as $i => $n) {
            $turns = $spin->turns[min(count($spin->turns) - 1, (int) ($i / $each))];
            if ((int) $turns !== $turn) {
                $turn = (int) $turns;
                $hard = $scene->rub * $chance->between(0.75, 1.25);
            }
            $away = abs($turns - $middle - round($turns - $middle));
            if ($away < $wide / 2) {
                $in[$i] += $n * $hard * cos(M_PI * $away / $wide) ** 2 * min(1.5, $spin->speed((int) ($i / $each)) / 2);
            }
        }
    }
}
