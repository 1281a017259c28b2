<?php

declare(strict_types=1);

namespace CleanRace\Core\Practice\Bench\Spin;

use CleanRace\Core\Practice\Bench\Chance;

/**
 * A microphone that is not there, held to a wheel that is not either: what is knocked and rubbed in it goes its way through the
 * metal, and what else is about joins in. It knows where balls are, and nothing of how they are to be found again.
 */
final readonly class ContactMicrophone
{
    private const FLOOR = 0.6;

    private const FULL = 60.0;

    private const FAR = 0.35;

    private const ROLL_SPEED = 2.0;

    public function __construct(private Chance $chance)
    {
    }

    public function record(Scene $scene): Recorded
    {
        $chance = $this->chance;
        $spin = HandSpin::of(
            $scene->seconds,
            $chance->between(0.8, 1.3),
            $scene->speed,
            $chance->between(0.01, 0.05),
            $chance->between(0.005, 0.04),
            $chance,
        );
        $count = (int) ($scene->seconds * $scene->rate);
        $rolled = $this->rolling($scene, $spin, $count);
        $path = Path::of($chance);
        foreach (RollingBearing::knocks($scene->balls, $scene->turning, $scene->fault, $spin, $chance) as [$at, $hard]) {
            self::strike($rolled, $at * $scene->rate, $hard * $scene->size * ($scene->far ? self::FAR : 1.0));
        }
        $sound = $path->through($rolled, $scene->rate);
        $brake = self::added((new Beside($chance))->turning($scene, $spin, $count), null);
        if ($brake !== null) {
            $sound = self::added($sound, Path::of($chance, 2, 4)->through($brake, $scene->rate)) ?? $sound;
        }
        if ($scene->has(Nuisance::NoTouch)) {
            $share = $chance->between(0.002, 0.015);
            $sound = array_map(static fn (float $s): float => $share * $s, $sound);
        }
        $taps = (new Tapper($chance))->taps($spin->passes($chance->between(0, 1)), $scene->scatter);
        $sound = self::added($sound, (new Room($chance))->around($scene, $spin, $taps, $count)) ?? $sound;
        foreach (Noise::white($chance, $count) as $i => $noise) {
            $sound[$i] += self::FLOOR * $scene->hiss * $noise;
        }

        return new Recorded(array_values($this->recorded($scene, $sound)), $scene->rate, $taps);
    }

    /** @return array<int, float> what rolls, and crackles where it is dry */
    private function rolling(Scene $scene, HandSpin $spin, int $count): array
    {
        $chance = $this->chance;
        $noise = Noise::white($chance, $count);
        [$loud, $power] = [$chance->between(0.5, 1.6), $chance->between(0.8, 1.4)];
        if ($scene->fault === Fault::Dry) {
            $loud *= 1 + 0.2 * $scene->size;
        }
        $each = $scene->rate / HandSpin::STEPS;
        [$strength, $until] = [0.0, 0];
        foreach ($noise as $i => $n) {
            if ($i >= $until) {
                $strength = $loud * ($spin->speed((int) ($i / $each)) / self::ROLL_SPEED) ** $power;
                $until = $i + 5 * $each;
            }
            $noise[$i] = $strength * $n;
        }
        if ($scene->fault === Fault::Dry || $scene->fault === Fault::Dirt) {
            $a = $scene->fault === Fault::Dry ? 60.0 : 15.0;
            $hits = $chance->between(0.7 * $a, 1.8 * $a);
            [$turns, $last] = [0.0, count($spin->turns) - 1];
            while (($turns += -log($chance->between(1e-6, 1)) / $hits) < $spin->turns[$last]) {
                $step = self::stepAt($spin->turns, $turns);
                $hard = $chance->between(0, 1) ** -0.35 * ($spin->speed($step) / self::ROLL_SPEED);
                $size = $scene->fault === Fault::Dry ? $scene->size : 2 * $scene->size;
                self::strike($noise, ($step + $chance->between(0, 1)) * $each, min(60.0, 1.5 * $size * $hard));
            }
        }

        return $noise;
    }

    /** @param  list<float>  $turns */
    private static function stepAt(array $turns, float $wanted): int
    {
        [$low, $high] = [0, count($turns) - 1];
        while ($high - $low > 1) {
            $middle = ($low + $high) >> 1;
            $turns[$middle] < $wanted ? $low = $middle : $high = $middle;
        }

        return $low;
    }

    /**
     * A knock: a push of half a thousandth of a second.
     *
     * @param  array<int, float>  $samples
     */
    public static function strike(array &$samples, float $at, float $hard): void
    {
        $i = (int) $at;
        if ($i >= 0 && $i + 2 < count($samples)) {
            $samples[$i] += 0.5 * $hard;
            $samples[$i + 1] += $hard;
            $samples[$i + 2] += 0.5 * $hard;
        }
    }

    /**
     * @param  ?array<int, float>  $one
     * @param  ?array<int, float>  $other
     * @return ?array<int, float>
     */
    private static function added(?array $one, ?array $other): ?array
    {
        return $one === null || $other === null
            ? $one ?? $other
            : array_map(static fn (float $a, float $b): float => $a + $b, $one, $other);
    }

    /**
     * What the recorder makes of it.
     *
     * @param  array<int, float>  $sound
     * @return array<int, float>
     */
    private function recorded(Scene $scene, array $sound): array
    {
        if ($scene->has(Nuisance::Telephone)) {
            $sound = self::telephone($sound, $scene->rate);
        }
        $gain = $this->chance->between(0.5, 2.0) / (10 * self::FULL);
        if ($scene->has(Nuisance::Clipping)) {
            $sorted = array_map(abs(...), array_slice($sound, 2 * $scene->rate, 6 * $scene->rate));
            sort($sorted);
            // So loud that one sample in a hundred or more is cut off.
            $gain = 1 / max(1e-9, $sorted[(int) (count($sorted) * $this->chance->between(0.9, 0.985))]);
        }

        return array_map(static fn (float $s): float => max(-1.0, min(1.0, $gain * $s)), $sound);
    }

    /**
     * 300 to 3400 Hz, two slopes each.
     *
     * @param  array<int, float>  $sound
     * @return array<int, float>
     */
    private static function telephone(array $sound, int $rate): array
    {
        [$low, $high] = [1 - exp(-2 * M_PI * 3400 / $rate), 1 - exp(-2 * M_PI * 300 / $rate)];
        for ($pass = 0; $pass < 3; $pass++) {
            [$smooth, $slow] = [0.0, 0.0];
            foreach ($sound as $i => $x) {
                $smooth += $low * ($x - $smooth);
                $slow += $high * ($smooth - $slow);
                $sound[$i] = $smooth - $slow;
            }
        }

        return $sound;
    }
}
