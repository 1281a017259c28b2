<?php

declare(strict_types=1);

namespace CleanRace\Core\Trial;

/** One figure of a trial: how many of how many, and what was wanted. */
final readonly class TrialFigure
{
    /**
     * @param  float  $wanted share that has to be reached, or must not be passed when `atMost`
     * @param  list<string>  $examples of those that count against it
     */
    private function __construct(
        public string $what,
        public int $count,
        public int $of,
        public float $wanted,
        public bool $atMost,
        public array $examples,
    ) {
    }

    /** @param  list<string>  $examples */
    public static function atLeast(string $what, int $count, int $of, float $wanted, array $examples = []): self
    {
        return new self($what, $count, $of, $wanted, false, array_slice($examples, 0, 5));
    }

    /** @param  list<string>  $examples */
    public static function atMost(string $what, int $count, int $of, float $wanted, array $examples = []): self
    {
        return new self($what, $count, $of, $wanted, true, array_slice($examples, 0, 5));
    }

    public function share(): float
    {
        return $this->of === 0 ? 0.0 : $this->count / $this->of;
    }

    public function isReached(): bool
    {
        return $this->of > 0 && ($this->atMost ? $this->share() <= $this->wanted : $this->share() >= $this->wanted);
    }

    public function line(): string
    {
        return sprintf(
            '%s %-66s %6.2f %%  (%d of %d; wanted %s %.1f %%)%s',
            $this->isReached() ? 'ok  ' : 'MISS',
            $this->what,
            100 * $this->share(),
            $this->count,
            $this->of,
            $this->atMost ? 'at most' : 'at least',
            100 * $this->wanted,
            $this->examples === [] ? '' : ' such as '.implode('; ', $this->examples),
        );
    }
}
