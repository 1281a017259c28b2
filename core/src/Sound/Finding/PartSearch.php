<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Finding;

use CleanRace\Core\Sound\Hearing\Hearing;
use CleanRace\Core\Sound\Hearing\OrderSpectra;
use CleanRace\Core\Sound\Orders\PartRanges;
use CleanRace\Core\Sound\TurningRing;

/** Looks for each part of a bearing where it would speak. */
final readonly class PartSearch
{
    private const HARMONICS = 6;

    private const SMEARED_HARMONICS = 4;

    /** How far a tumbling ball smears its order. */
    private const SMEAR = 0.09;

    private function __construct()
    {
    }

    /** @return list<PartStrength> outer ring, inner ring, ball */
    public static function in(Hearing $hearing, PartRanges $ranges): array
    {
        $turns = (float) $hearing->turning->whole();
        $standing = Standing::beside($ranges, $turns);
        $all = self::best($hearing->all, $turns, $standing, $ranges);
        $rest = self::best($hearing->rest, $turns, $standing, $ranges);
        $smeared = self::smeared($hearing->rest, $turns, $standing, $ranges);
        $found = [];
        foreach (Heard::PARTS as $part) {
            [$strength, $order] = $all[$part->value];
            $found[] = new PartStrength($part, $order, $strength, $rest[$part->value][0], $part === Heard::Ball ? $smeared : null);
        }

        return $found;
    }

    /** @return array<string, array{float, float}> strength and order of each part, in the spectrum that shows it best */
    private static function best(OrderSpectra $spectra, float $turns, Standing $standing, PartRanges $ranges): array
    {
        $best = [];
        foreach ($spectra->spectra as $spectrum) {
            $comb = Comb::of($spectrum, $spectra->perOrder, $turns);
            $plain = $comb->scores(self::HARMONICS);
            $turning = $comb->withSides($plain, 1.0);
            $ball = $comb->withSides($plain, $ranges->even->cage);
            $outerTurns = $ranges->turning === TurningRing::Outer;
            foreach ([
                [Heard::OuterRing, $outerTurns ? $turning : $plain, $ranges->outer],
                [Heard::InnerRing, $outerTurns ? $plain : $turning, $ranges->inner],
                [Heard::Ball, $ball, $ranges->ball],
            ] as [$part, $scores, $range]) {
                $here = $standing->of($scores, $range);
                if (! isset($best[$part->value]) || $here[0] > $best[$part->value][0]) {
                    $best[$part->value] = $here;
                }
            }
        }

        return $best;
    }

    private static function smeared(OrderSpectra $spectra, float $turns, Standing $standing, PartRanges $ranges): float
    {
        $best = -INF;
        foreach ($spectra->spectra as $spectrum) {
            $comb = Comb::of(self::smear($spectrum, $spectra->perOrder), $spectra->perOrder, $turns);
            $scores = $comb->withSides($comb->scores(self::SMEARED_HARMONICS), $ranges->even->cage, 1.0);
            $best = max($best, $standing->of($scores, $ranges->ball)[0]);
        }

        return $best;
    }

    /**
     * @param  list<float>  $spectrum
     * @return list<float> its moving mean beside the surroundings, squared
     */
    private static function smear(array $spectrum, float $perOrder): array
    {
        $smooth = OrderSpectra::smoothed($spectrum, self::SMEAR * $perOrder);

        return array_map(static fn (float $s): float => $s * $s, OrderSpectra::besideMiddle($smooth, $perOrder));
    }
}
