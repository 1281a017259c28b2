<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Measure\Money;

/** The cheapest and the soonest way to buy a list from several counters: every combination of counters is tried, carriage and all. */
final readonly class Baskets
{
    /** Combinations double with each counter: past this many the dearest carriage is left out. */
    private const MOST_COUNTERS = 8;

    /** Days taken for an offer of which nobody knows when it comes. */
    private const NOBODY_KNOWS = 9_999;

    /**
     * @param  list<int>  $needs lines of the list
     * @param  list<Offer>  $offers
     * @param  list<Counter>  $counters
     */
    public static function cheapest(array $needs, array $offers, array $counters): Basket
    {
        return self::best(
            $needs,
            $offers,
            $counters,
            static fn (Offer $o): array => [$o->price->minor, $o->days ?? self::NOBODY_KNOWS],
            static fn (Basket $b): array => [count($b->missing), $b->total->minor, $b->days ?? self::NOBODY_KNOWS],
        );
    }

    /**
     * @param  list<int>  $needs
     * @param  list<Offer>  $offers
     * @param  list<Counter>  $counters
     */
    public static function soonest(array $needs, array $offers, array $counters): Basket
    {
        return self::best(
            $needs,
            $offers,
            $counters,
            static fn (Offer $o): array => [$o->days ?? self::NOBODY_KNOWS, $o->price->minor],
            static fn (Basket $b): array => [count($b->missing), $b->days ?? self::NOBODY_KNOWS, $b->total->minor],
        );
    }

    /**
     * @param  list<int>  $needs
     * @param  list<Offer>  $offers
     * @param  list<Counter>  $counters
     * @param  callable(Offer): list<int>  $rankOffer
     * @param  callable(Basket): list<int>  $rankBasket
     */
    private static function best(array $needs, array $offers, array $counters, callable $rankOffer, callable $rankBasket): Basket
    {
        usort($counters, static fn (Counter $a, Counter $b): int => $a->carriage->minor <=> $b->carriage->minor);
        $counters = array_slice($counters, 0, self::MOST_COUNTERS);
        $best = new Basket([], $needs, Money::minor(0), Money::minor(0), Money::minor(0), $needs === [] ? 0 : null);
        for ($set = 1; $set < 1 << count($counters); $set++) {
            $chosen = array_values(array_filter($counters, static fn (int $i): bool => (($set >> $i) & 1) === 1, ARRAY_FILTER_USE_KEY));
            $basket = self::from($needs, $offers, $chosen, $rankOffer);
            if ($rankBasket($basket) < $rankBasket($best)) {
                $best = $basket;
            }
        }

        return $best;
    }

    /**
     * @param  list<int>  $needs
     * @param  list<Offer>  $offers
     * @param  list<Counter>  $counters
     * @param  callable(Offer): list<int>  $rank
     */
    private static function from(array $needs, array $offers, array $counters, callable $rank): Basket
    {
        $ids = array_map(static fn (Counter $c): int => $c->id, $counters);
        $taken = $missing = [];
        foreach ($needs as $need) {
            $here = array_values(
                array_filter($offers, static fn (Offer $o): bool => $o->need === $need && in_array($o->supplier, $ids, true)),
            );
            usort($here, static fn (Offer $a, Offer $b): int => $rank($a) <=> $rank($b));
            if ($here === []) {
                $missing[] = $need;
            } else {
                $taken[] = $here[0];
            }
        }
        $used = array_unique(array_map(static fn (Offer $o): int => $o->supplier, $taken));
        $goods = Money::minor(array_sum(array_map(static fn (Offer $o): int => $o->price->minor, $taken)));
        $carriage = Money::minor(
            array_sum(array_map(static fn (Counter $c): int => in_array($c->id, $used, true) ? $c->carriage->minor : 0, $counters)),
        );
        $days = array_map(static fn (Offer $o): ?int => $o->days, $taken);

        return new Basket(
            $taken,
            $missing,
            $goods,
            $carriage,
            $goods->plus($carriage),
            in_array(null, $days, true) ? null : max([0, ...$days]),
        );
    }
}
