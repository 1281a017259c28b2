<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;

/** How this hub is taken apart: its condition and the schools, as said for this job, else as this shop usually does it. */
final readonly class Ways
{
    /** @param  list<Condition>  $conditions */
    public function __construct(public array $conditions, public Extraction $extraction, public Heat $heat)
    {
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
        );
    }

    /** Whether it goes that way, whatever is the matter with the hub. */
    public function isAs(self $other): bool
    {
        return $this->extraction === $other->extraction && $this->heat === $other->heat;
    }

    /** Whether that is the matter with this hub. */
    public function has(Condition $condition): bool
    {
        return in_array($condition, $this->conditions, true);
    }
}
