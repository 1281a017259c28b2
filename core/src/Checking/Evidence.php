<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

use BackedEnum;
use CleanRace\Core\Measure\Share;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;

/**
 * What the checks say of each suspect: every outcome adds its weight, in natural log odds, and the sum is turned into shares.
 * Which check would tell most is found by asking what each would leave in doubt.
 */
final readonly class Evidence
{
    /** Checks of something that a hub may lack. */
    private const OF = ['caliper' => Suspect::Brake, 'brake_held' => Suspect::Brake, 'seals' => Suspect::Seal];

    private TriedHub $hub;

    /** @param  ?TriedHub  $hub whose checks are proposed; null when it is tried on no hub in particular */
    public function __construct(private Limits $limits, ?TriedHub $hub = null)
    {
        $this->hub = $hub ?? TriedHub::any();
    }

    /** @return non-empty-list<Suspicion> likeliest first */
    public function suspicions(RockCheckInput $input): array
    {
        $weighed = array_map(fn (Suspect $s): array => [$s, ...$this->weighed($input, $s->value)], self::suspects($input));
        $sum = array_sum(array_map(static fn (array $w): float => exp($w[1]), $weighed));
        $doubt = $this->limits->get('check.doubt');
        $out = array_map(
            static fn (array $w): Suspicion => new Suspicion(
                $w[0],
                Share::of($doubt / count($weighed) + ((1 - $doubt) * exp($w[1])) / $sum),
                $w[2],
            ),
            $weighed,
        );
        usort($out, static fn (Suspicion $a, Suspicion $b): int => $b->probability->share <=> $a->probability->share);

        /** @var non-empty-list<Suspicion> */
        return $out;
    }

    /** How much of the suspicion on the bearings lies on the left one; a half when nothing tells. */
    public function left(RockCheckInput $input): Share
    {
        [$left] = $this->weighed($input, 'left');
        [$right] = $this->weighed($input, 'right');

        return Share::of(exp($left) / (exp($left) + exp($right)));
    }

    /** The check not made yet that would best tell these two apart, in words; null when none would. */
    public function splits(RockCheckInput $input, Suspicion $first, Suspicion $second): ?string
    {
        $p = $first->probability->share / ($first->probability->share + $second->probability->share);
        $best = null;
        foreach (Table::rows('checks') as $check) {
            if (
                isset($input->made()[$check['check']]) &&
                ! ($check['check'] === 'caliper' && $input->caliper === CaliperState::NotFreed)
            ) {
                continue;
            }
            if (! $this->hub->takes($check['check']) || in_array(self::OF[$check['check']] ?? null, $input->without, true)) {
                continue;
            }
            $left = $this->doubtAfter($check, $p, $first->suspect->value, $second->suspect->value);
            if ($best === null || $left < $best[0] - 1e-9) {
                $best = [$left, $this->hub->settling($check['check']) ?? $check['say']];
            }
        }

        return $best !== null && $best[0] < self::entropy($p) - 0.01 ? $best[1] : null;
    }

    /** @return list<Suspect> those that such a hub has */
    private static function suspects(RockCheckInput $input): array
    {
        return array_values(
            array_filter(
                Suspect::cases(),
                static fn (Suspect $s): bool => ! in_array($s, $input->without, true) && match ($s) {
                    Suspect::ConeSetting => $input->cones,
                    Suspect::Freehub => $input->freehub,
                    default => true,
                },
            ),
        );
    }

    /** @return array{float, list<string>} log odds, and the signs that speak for it */
    private function weighed(RockCheckInput $input, string $suspect): array
    {
        $seen =
            ['prior' => ['any'], 'complaint' => array_map(static fn (ComplaintKind $k): string => $k->value, $input->complaints)] +
            array_map(static fn (string $o): array => [$o], $input->made());
        if (
            $input->rockThreeNine !== null &&
            $input->rockTwelveSix !== null &&
            ($input->rockThreeNine === Rock::None) !== ($input->rockTwelveSix === Rock::None)
        ) {
            $seen['one_plane'] = ['any'];
        }
        $odds = 0.0;
        $reasons = [];
        foreach (Table::rows('check_evidence') as $row) {
            if ($row['suspect'] === $suspect && in_array($row['outcome'], $seen[$row['check']] ?? [], true)) {
                $odds += (float) $row['weight'];
                if ($row['check'] !== 'prior' && (float) $row['weight'] > 0) {
                    $reasons[] = $this->hub->reason($row['check'], $row['outcome']) ?? $row['reason'];
                }
            }
        }

        return [$odds, array_values(array_unique($reasons))];
    }

    /**
     * What a check would leave in doubt between two, on average over its outcomes.
     *
     * @param  array<string, string>  $check
     */
    private function doubtAfter(array $check, float $p, string $one, string $other): float
    {
        /** @var class-string<BackedEnum> $enum */
        $enum = __NAMESPACE__.'\\'.$check['enum'];
        $outcomes = array_map(static fn (BackedEnum $c): string => (string) $c->value, $enum::cases());
        $likely = static function (string $suspect) use ($check, $outcomes): array {
            $weights = array_fill_keys($outcomes, 0.0);
            foreach (Table::rows('check_evidence') as $row) {
                if ($row['check'] === $check['check'] && $row['suspect'] === $suspect) {
                    $weights[$row['outcome']] += (float) $row['weight'];
                }
            }
            $sum = array_sum(array_map(exp(...), $weights));

            return array_map(static fn (float $w): float => exp($w) / $sum, $weights);
        };
        [$a, $b] = [$likely($one), $likely($other)];
        $left = 0.0;
        foreach ($outcomes as $outcome) {
            $chance = $p * $a[$outcome] + (1 - $p) * $b[$outcome];
            $left += $chance * self::entropy(($p * $a[$outcome]) / $chance);
        }

        return $left;
    }

    private static function entropy(float $p): float
    {
        return $p <= 0 || $p >= 1 ? 0.0 : -$p * log($p) - (1 - $p) * log(1 - $p);
    }
}
