<?php

declare(strict_types=1);

namespace CleanRace\Core\Trial;

/** Many of them, counted. */
final readonly class HeardScenes
{
    /** @param  list<HeardScene>  $all */
    public function __construct(private array $all)
    {
    }

    /** @param  callable(HeardScene): bool  $are */
    public function that(callable $are): self
    {
        return new self(array_values(array_filter($this->all, $are)));
    }

    /** @param  string  $kinds a pattern */
    public function of(string $kinds): self
    {
        return $this->that(static fn (HeardScene $one): bool => preg_match("/^($kinds)$/", $one->kind) === 1);
    }

    /** @param  callable(HeardScene): bool  $is */
    public function atLeast(string $what, callable $is, float $wanted): TrialFigure
    {
        $not = $this->that(static fn (HeardScene $one): bool => ! $is($one));

        return TrialFigure::atLeast($what, count($this->all) - count($not->all), count($this->all), $wanted, $not->told());
    }

    /** @param  callable(HeardScene): bool  $is */
    public function atMost(string $what, callable $is, float $wanted): TrialFigure
    {
        $such = $this->that($is);

        return TrialFigure::atMost($what, count($such->all), count($this->all), $wanted, $such->told());
    }

    /**
     * What is heard of each kind, for whoever reads them; nothing is wanted of these.
     *
     * @return list<TrialFigure>
     */
    public function byKind(string $what): array
    {
        $counts = [];
        foreach ($this->all as $one) {
            $finding = $one->finding->value;
            $counts[$one->kind][$finding] = ($counts[$one->kind][$finding] ?? 0) + 1;
        }
        $figures = [];
        foreach ($counts as $kind => $found) {
            $all = array_sum($found);
            arsort($found);
            $share = static fn (string $finding, int $times): string => sprintf('%s %.1f %%', $finding, 100 * $times / $all);
            $said = implode(', ', array_map($share, array_keys($found), $found));
            $figures[] = TrialFigure::atLeast("$what: $kind: $said", $all, $all, 0.0);
        }

        return $figures;
    }

    /** @return list<string> */
    private function told(): array
    {
        return array_map(static fn (HeardScene $one): string => $one->told(), $this->all);
    }
}
