<?php

declare(strict_types=1);

namespace CleanRace\Core\Practice\Bench\Spin;

use CleanRace\Core\Practice\Bench\Chance;

/** A wheel at rest, pushed by a hand, that runs out: how far it has turned, a thousand times a second. */
final readonly class HandSpin
{
    public const STEPS = 1000;

    /** @param  list<float>  $turns at each step */
    private function __construct(public array $turns, public float $pushed, public float $let)
    {
    }

    /**
     * @param  float  $seconds of all
     * @param  float  $rest before it is pushed, s
     * @param  float  $speed when it is let go, turns/s
     * @param  float  $dry what it loses at any speed, turns/s²
     * @param  float  $viscous what it loses beside, for each turn a second
     */
    public static function of(float $seconds, float $rest, float $speed, float $dry, float $viscous, Chance $chance): self
    {
        $push = $chance->between(0.3, 0.7);
        // A wheel is not quite in balance: it runs a little faster when its heavy side goes down.
        [$heavy, $side] = [$chance->between(0.0, 0.03), $chance->between(0, 1)];
        [$at, $runs, $turns] = [0.0, 0.0, []];
        for ($i = 0, $count = (int) ($seconds * self::STEPS); $i < $count; $i++) {
            $turns[] = $at;
            $t = $i / self::STEPS;
            if ($t >= $rest && $t < $rest + $push) {
                $runs = $speed * sin(M_PI / 2 * ($t - $rest) / $push) ** 2;
            } elseif ($t >= $rest + $push) {
                $pull = $heavy * sin(2 * M_PI * ($at - $side));
                $runs = max(0.0, $runs + ($pull - $dry - $viscous * $runs) / self::STEPS);
            }
            $at += $runs / self::STEPS;
        }

        return new self($turns, $rest, $rest + $push);
    }

    public function at(float $seconds): float
    {
        $step = max(0.0, min(count($this->turns) - 2.0, $seconds * self::STEPS));
        $i = (int) $step;

        return $this->turns[$i] + ($step - $i) * ($this->turns[$i + 1] - $this->turns[$i]);
    }

    /** Turns a second at a step. */
    public function speed(int $step): float
    {
        $step = max(0, min(count($this->turns) - 2, $step));

        return ($this->turns[$step + 1] - $this->turns[$step]) * self::STEPS;
    }

    /**
     * When a mark on it passes, after it was let go.
     *
     * @return list<float> in s
     */
    public function passes(float $mark): array
    {
        $passes = [];
        for ($i = (int) ($this->let * self::STEPS); $i + 1 < count($this->turns); $i++) {
            $next = floor($this->turns[$i + 1] - $mark);
            if ($next > floor($this->turns[$i] - $mark)) {
                $over = $next + $mark - $this->turns[$i];
                $passes[] = ($i + $over / max(1e-12, $this->turns[$i + 1] - $this->turns[$i])) / self::STEPS;
            }
        }

        return $passes;
    }
}
