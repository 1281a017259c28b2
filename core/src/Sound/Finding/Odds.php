<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Finding;

use CleanRace\Core\Verdict\Message;

/**
 * How likely each finding is. What a named part is worth was counted on simulated wheels, by how far it stood out; the other figures
 * are shares of right answers in the same trial.
 */
final readonly class Odds
{
    /** By spreads above chance: how often the part that stood out so far was the one that was hurt. */
    private const NAMED = [[8.0, 0.99], [6.0, 0.94], [4.6, 0.78], [3.5, 0.56], [-INF, 0.15]];

    private const RUB = 0.9;

    private const DRY = 0.85;

    private const QUIET = 0.72;

    private const UNCLEAR = 0.7;

    /** Once a turn and a part together: either may be at fault. */
    private const BESIDE_ONCE = 0.85;

    /** @param  array<string, float>  $clear spreads above chance of each part */
    public function __construct(private array $clear, private bool $once, private float $need)
    {
    }

    /** @param  non-empty-list<Message>  $why */
    public function named(Heard $part, array $why): Judgement
    {
        $sure = $this->once ? self::BESIDE_ONCE : self::worth($this->clear[$part->value]);

        return $this->judged($part, $sure, $why);
    }

    /** @param  non-empty-list<Message>  $why */
    public function rub(array $why): Judgement
    {
        return $this->judged(Heard::Rub, self::RUB, $why);
    }

    /** @param  non-empty-list<Message>  $why */
    public function dry(array $why): Judgement
    {
        return $this->judged(Heard::Dry, self::DRY, $why);
    }

    /** @param  non-empty-list<Message>  $why */
    public function quiet(array $why): Judgement
    {
        return $this->judged(Heard::Quiet, min(self::QUIET, 1 - self::worth(max(0.0, ...array_values($this->clear)))), $why);
    }

    /** @param  non-empty-list<Message>  $why */
    public function unclear(array $why): Judgement
    {
        return $this->judged(Heard::Unclear, self::UNCLEAR, $why);
    }

    /**
     * What the finding leaves goes to the parts by how far they stand out, the rest to the others alike.
     *
     * @param  non-empty-list<Message>  $why
     */
    private function judged(Heard $finding, float $sure, array $why): Judgement
    {
        $weights = [];
        foreach (Heard::cases() as $case) {
            if ($case !== $finding) {
                $weights[$case->value] = $case->isPart() ? exp(0.5 * min($this->clear[$case->value], $this->need)) / 4 : 1.0;
            }
        }
        $all = array_sum($weights);
        $likelihoods = [];
        foreach (Heard::cases() as $case) {
            $likelihoods[$case->value] = $case === $finding ? $sure : (1 - $sure) * ($weights[$case->value] ?? 0.0) / $all;
        }

        return new Judgement($finding, $likelihoods, $why);
    }

    private static function worth(float $clear): float
    {
        foreach (self::NAMED as [$from, $worth]) {
            if ($clear >= $from) {
                return $worth;
            }
        }

        return 0.0;
    }
}
