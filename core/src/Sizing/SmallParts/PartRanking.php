<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\SmallParts;

use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;

/** Rows of a table ranked by how far readings miss the band that each row allows. */
final readonly class PartRanking
{
    private const KEPT = 6;

    private const NEAREST = 3;

    public function __construct(private Limits $limits)
    {
    }

    /**
     * @param  list<array<string, string>>  $rows
     * @param  callable(array<string, string>): float  $chiSquare
     * @param  callable(array<string, string>): array{Message, Message|Written}  $named name and sizes
     * @return array{list<PartCandidate>, list<array<string, string>>, bool} candidates, their rows, and whether any of them fits
     */
    public function of(array $rows, callable $chiSquare, callable $named): array
    {
        $misses = array_map($chiSquare, $rows);
        asort($misses);
        $near = array_filter($misses, fn (float $chi2): bool => $chi2 <= $this->limits->get('caliper.drop_chi2'));
        $fits = $near !== [];
        $near = array_slice($fits ? $near : $misses, 0, $fits ? self::KEPT : self::NEAREST, true);
        $weights = array_map(static fn (float $chi2): float => exp(-min(700.0, $chi2) / 2), $near);
        $sum = array_sum($weights);
        $candidates = [];
        foreach ($near as $i => $chi2) {
            [$name, $sizes] = $named($rows[$i]);
            $candidates[] = new PartCandidate(
                $name,
                $sizes instanceof Written ? $sizes->text : $sizes,
                $rows[$i]['system'] ?? 'metric',
                $chi2,
                Share::of($fits ? $weights[$i] / $sum : 0.0),
            );
        }

        return [$candidates, array_map(static fn (int $i): array => $rows[$i], array_keys($near)), $fits];
    }

    /** Squared distance of a reading outside a band, in standard deviations; nothing when there is no reading. */
    public static function miss(?Reading $reading, float $low, float $high): float
    {
        if ($reading === null) {
            return 0.0;
        }
        $outside = max($low - $reading->value->mm, $reading->value->mm - $high, 0.0);

        return ($outside / max($reading->sigma(), 1e-4)) ** 2;
    }

    /** A size of a table without needless noughts. */
    public static function mm(string $mm): string
    {
        return rtrim(rtrim(number_format((float) $mm, 3, '.', ''), '0'), '.');
    }
}
