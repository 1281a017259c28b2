<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Finding;

use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Message;

/** How likely each finding is: shares of right answers on simulated wheels (sound_odds.csv), of a part by how far it stood out. */
final readonly class Odds
{
    /** @param  array<string, float>  $clear spreads above chance of each part */
    public function __construct(private array $clear, private bool $once, private float $need)
    {
    }

    /** @param  non-empty-list<Message>  $why */
    public function named(Heard $part, array $why): Judgement
    {
        $sure = self::share($this->once ? 'part_once' : 'part', $this->clear[$part->value]);

        return $this->judged($part, $sure, $why);
    }

    /** @param  non-empty-list<Message>  $why */
    public function rub(array $why): Judgement
    {
        return $this->judged(Heard::Rub, self::share('rub'), $why);
    }

    /** @param  non-empty-list<Message>  $why */
    public function dry(array $why): Judgement
    {
        return $this->judged(Heard::Dry, self::share('dry'), $why);
    }

    /** @param  non-empty-list<Message>  $why */
    public function quiet(array $why): Judgement
    {
        $part = self::share('part', max(0.0, ...array_values($this->clear)));

        return $this->judged(Heard::Quiet, min(self::share('quiet'), 1 - $part), $why);
    }

    /** @param  non-empty-list<Message>  $why */
    public function unclear(array $why): Judgement
    {
        return $this->judged(Heard::Unclear, self::share('unclear'), $why);
    }

    /**
     * A bearing speaks, and which of its parts cannot be told.
     *
     * @param  non-empty-list<Message>  $why
     */
    public function bearing(array $why): Judgement
    {
        $alike = array_fill_keys(array_keys($this->clear), $this->need);

        $judged = (new self($alike, $this->once, $this->need))->judged(Heard::Unclear, self::share('unclear_bearing'), $why);

        return new Judgement($judged->finding, $judged->likelihoods, $why, asABearing: true);
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

    /** @param  float  $clear spreads above chance, where the share depends on them */
    private static function share(string $finding, float $clear = 0.0): float
    {
        foreach (Table::rows('sound_odds') as $row) {
            if ($row['finding'] === $finding && $clear >= (float) $row['from']) {
                return (float) $row['share'];
            }
        }

        return 0.0;
    }
}
