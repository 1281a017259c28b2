<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Wave;

use Generator;

/** Samples at half their rate: every other one of what a low pass leaves. */
final readonly class HalfRate
{
    /** A half-band low pass: the middle, and each odd step to its side (sinc under a Hamming window; the even ones are nought). */
    private const MIDDLE = 0.5;

    private const ODD = 7;

    private function __construct()
    {
    }

    /**
     * @param  iterable<list<float>>  $pieces
     * @return Generator<int, list<float>>
     */
    public static function of(iterable $pieces): Generator
    {
        $sides = self::sides();
        $reach = 2 * self::ODD - 1;
        $held = array_fill(0, $reach, 0.0);
        foreach ($pieces as $piece) {
            $held = [...$held, ...$piece];
            $out = [];
            for ($at = $reach, $last = count($held) - $reach; $at < $last; $at += 2) {
                $sum = self::MIDDLE * $held[$at];
                foreach ($sides as $step => $share) {
                    $sum += $share * ($held[$at - $step] + $held[$at + $step]);
                }
                $out[] = $sum;
            }
            $held = array_slice($held, $at - $reach);
            yield $out;
        }
    }

    /** @return array<int, float> by how far they stand from the middle */
    private static function sides(): array
    {
        $sides = [];
        for ($i = 0; $i < self::ODD; $i++) {
            $step = 2 * $i + 1;
            $window = 0.54 + 0.46 * cos(M_PI * $step / (2 * self::ODD));
            $sides[$step] = $window * sin(M_PI * $step / 2) / (M_PI * $step);
        }

        return $sides;
    }
}
