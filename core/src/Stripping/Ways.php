<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;

/** How this hub is taken apart: its condition and the schools, as said for this job, else as this shop usually does it. */
final readonly class Ways
{
    /**
     * @param  list<Condition>  $conditions
     * @param  ?string  $burst which bearing burst: left, right or both; null while nobody said
     */
    public function __construct(
        public array $conditions,
        public Extraction $extraction,
        public Heat $heat,
        private ?string $burst = null,
    ) {
    }

    /** As said for this job, else as this shop usually does it. */
    public static function of(Bench $bench): self
    {
        $n = $bench->notebook;
        $said = $n->has(Places::CONDITION)
            ? array_values(array_filter(array_map(Condition::tryFrom(...), $n->choices(Places::CONDITION))))
            : array_values(
                array_filter(
                    Condition::usual($bench->pattern->card()->machine),
                    static fn (Condition $c): bool => in_array($c, Condition::possible($bench->pattern->card(), $bench->hub->stack), true),
                ),
            );
        $usual = self::usual($bench, $said);

        return new self(
            $said,
            Extraction::tryFrom($n->choice(Places::WAY_OUT) ?? '') ?? $usual->extraction,
            Heat::tryFrom($n->choice(Places::HEAT_USED) ?? '') ?? $usual->heat,
            $n->choice(Places::BURST_WHICH),
        );
    }

    /**
     * The shop's own way for such a hub. A corroded fit is warmed whatever the habit, unless the wheel is plastic.
     *
     * @param  list<Condition>  $conditions
     */
    public static function usual(Bench $bench, array $conditions): self
    {
        $heat = Heat::tryFrom($bench->habits['heat'] ?? '') ?? Heat::Cold;

        return new self(
            $conditions,
            Extraction::tryFrom($bench->habits['extraction'] ?? '') ?? Extraction::Drift,
            in_array(Condition::Corroded, $conditions, true) ? Heat::Warm : $heat,
            $bench->notebook->choice(Places::BURST_WHICH),
        );
    }

    /** Whether it goes that way, whatever is the matter with the hub. */
    public function isAs(self $other): bool
    {
        return $this->extraction === $other->extraction && $this->heat === $other->heat;
    }

    /** Whether this bearing burst: the one that was named, or any while nobody said which. */
    public function hasBurst(Part $part): bool
    {
        return $this->has(Condition::Burst) &&
            $part->kind->isCartridge() &&
            (in_array($this->burst, [null, 'both'], true) || in_array($part->side->value, [$this->burst, Side::Middle->value], true));
    }

    /** Whether that is the matter with this hub. */
    public function has(Condition $condition): bool
    {
        return in_array($condition, $this->conditions, true);
    }
}
