<?php

declare(strict_types=1);

namespace CleanRace\Core\Practice\Bench\Spin;

use CleanRace\Core\Practice\Bench\Chance;

/** Noise by the thousand. */
final readonly class Noise
{
    /** Standard deviation of a signed whole number of sixteen bits that may be any. */
    private const ONE = 18_918.0;

    private function __construct()
    {
    }

    /** @return list<float> standard deviation one, nearly as Gauss has it */
    public static function white(Chance $chance, int $count): array
    {
        $numbers = unpack('s*', $chance->bytes(6 * $count)) ?: [];
        $scale = 1 / (self::ONE * sqrt(3));
        $noise = [];
        for ($i = 1; $i <= 3 * $count; $i += 3) {
            $noise[] = ($numbers[$i] + $numbers[$i + 1] + $numbers[$i + 2]) * $scale;
        }

        return $noise;
    }

    /**
     * Slow wandering between points that are so far apart: standard deviation about one.
     *
     * @return list<float>
     */
    public static function slow(Chance $chance, int $count, int $apart): array
    {
        $noise = [];
        [$from, $to] = [$chance->error(1), $chance->error(1)];
        for ($i = 0; $i < $count; $i++) {
            if ($i % $apart === 0) {
                [$from, $to] = [$to, $chance->error(1)];
            }
            $share = ($i % $apart) / $apart;
            $noise[] = $from + $share * ($to - $from);
        }

        return $noise;
    }
}
