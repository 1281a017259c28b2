<?php

declare(strict_types=1);

namespace CleanRace\Core\Practice\Bench\Spin;

use CleanRace\Core\Practice\Bench\Chance;

/** What is about while a wheel is listened to: the hand that spins it, a finger that taps the screen, talk, wind, knocks. */
final readonly class Room
{
    public function __construct(private Chance $chance)
    {
    }

    /**
     * @param  list<float>  $taps s
     * @return array<int, float>
     */
    public function around(Scene $scene, HandSpin $spin, array $taps, int $count): array
    {
        $chance = $this->chance;
        $in = array_fill(0, $count, 0.0);
        $noise = Noise::white($chance, (int) (($spin->let - $spin->pushed) * $scene->rate));
        foreach ($noise as $i => $n) {
            $in[(int) ($spin->pushed * $scene->rate) + $i] += 6 * $n;
        }
        if ($scene->has(Nuisance::Thumps)) {
            foreach ($taps as $at) {
                $this->thump($in, $at * $scene->rate, $chance->between(15, 50), $scene->rate);
            }
        }
        if ($scene->has(Nuisance::Knocks)) {
            for ($at = $spin->let + $chance->between(0, 0.5); $at < $scene->seconds; $at += $chance->between(0.15, 0.9)) {
                $this->thump($in, $at * $scene->rate, $chance->between(60, 300), $scene->rate);
            }
        }
        if ($scene->has(Nuisance::Voice)) {
            $this->talk($in, $scene);
        }
        if ($scene->has(Nuisance::Wind)) {
            $this->wind($in, $scene->rate);
        }

        return $in;
    }

    /**
     * A dull blow with a click in it.
     *
     * @param  array<int, float>  $in
     */
    private function thump(array &$in, float $at, float $hard, int $rate): void
    {
        [$tone, $rough] = [$this->chance->between(80, 300), Noise::white($this->chance, (int) (0.06 * $rate))];
        foreach ($rough as $i => $n) {
            $k = (int) $at + $i;
            if ($k >= 0 && $k < count($in)) {
                $t = $i / $rate;
                $in[$k] += $hard * exp(-$t / 0.012) * (0.5 * $n + sin(2 * M_PI * $tone * $t));
            }
        }
    }

    /** @param  array<int, float>  $in */
    private function talk(array &$in, Scene $scene): void
    {
        $chance = $this->chance;
        $throat = Path::throat($chance);
        $voice = array_fill(0, count($in), 0.0);
        $loud = $chance->between(40, 140);
        for ($at = $chance->between(1.5, 3.0); $at < $scene->seconds; $at += $chance->between(0.05, 0.2)) {
            if ($chance->between(0, 1) < 0.2) {
                $at += $chance->between(0.3, 0.8);
            }
            [$long, $pitch] = [$chance->between(0.08, 0.35), $chance->between(95, 230)];
            for ($t = 0.0; $t < $long; $t += 1 / ($pitch * (1 + 0.1 * sin(8 * $t)))) {
                ContactMicrophone::strike($voice, ($at + $t) * $scene->rate, $loud * sin(M_PI * $t / $long));
            }
            $at += $long;
        }
        foreach ($throat->through($voice, $scene->rate) as $i => $v) {
            $in[$i] += $v;
        }
    }

    /** @param  array<int, float>  $in */
    private function wind(array &$in, int $rate): void
    {
        $chance = $this->chance;
        $gusts = Noise::slow($chance, count($in), (int) ($chance->between(0.15, 0.6) * $rate));
        $loud = $chance->between(14, 40);
        $low = 0.0;
        foreach (Noise::white($chance, count($in)) as $i => $n) {
            $low += 0.25 * ($n - $low);
            $in[$i] += $loud * exp(0.9 * $gusts[$i]) * $low;
        }
    }
}
