<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sourcing;

use CleanRace\Core\Measure\Money;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Sourcing\Baskets;
use CleanRace\Core\Sourcing\Counter;
use CleanRace\Core\Sourcing\Offer;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;

/** The cheapest and the soonest basket. */
final class BasketsTest extends TestCase
{
    private static function offer(int $need, int $supplier, int $minor, ?int $days): Offer
    {
        return new Offer($need, $supplier, "a$need", Money::minor($minor), 1, $days, true);
    }

    public function test_the_cheapest_basket_counts_carriage_and_the_soonest_counts_days(): void
    {
        $counters = [
            new Counter(1, 'Quay', Money::minor(0)),
            new Counter(2, 'Mainland', Money::minor(600)),
            new Counter(3, 'Far', Money::minor(900)),
        ];
        $offers = [
            self::offer(0, 1, 1000, 0),
            self::offer(1, 1, 1000, 3),
            self::offer(0, 2, 800, 1),
            self::offer(1, 2, 500, 1),
            self::offer(1, 3, 100, 9),
        ];
        $cheapest = Baskets::cheapest([0, 1], $offers, $counters);
        self::assertSame([1900, 600, 2], [$cheapest->total->minor, $cheapest->carriage->minor, count($cheapest->offers)]);
        self::assertSame(1, Baskets::soonest([0, 1], $offers, $counters)->days);
        self::assertSame(0, Baskets::soonest([0], $offers, $counters)->days);
        $with = Baskets::cheapest([0, 1, 2], $offers, $counters);
        self::assertSame([2], $with->missing);
        self::assertNull(Baskets::cheapest([0], [self::offer(0, 1, 5, null)], $counters)->days);
        self::assertSame([0], Baskets::cheapest([0], [], $counters)->missing);
    }

    public function test_no_choice_of_offers_is_cheaper_or_sooner_than_the_basket(): void
    {
        $chance = new Chance(new Mt19937(7));
        for ($i = 0; $i < 60; $i++) {
            $counters = array_map(static fn (int $id): Counter => new Counter($id, "c$id", Money::minor($chance->whole(0, 900))), [
                1,
                2,
                3,
            ]);
            $offers = [];
            foreach ([0, 1, 2] as $need) {
                foreach ([1, 2, 3] as $supplier) {
                    if ($chance->whole(0, 3) > 0 || $supplier === 1) {
                        $offers[] = self::offer($need, $supplier, $chance->whole(100, 2000), $chance->whole(0, 9));
                    }
                }
            }
            $every = self::everyWay($offers, $counters);
            self::assertSame(min(array_column($every, 0)), Baskets::cheapest([0, 1, 2], $offers, $counters)->total->minor);
            self::assertSame(min(array_column($every, 1)), Baskets::soonest([0, 1, 2], $offers, $counters)->days);
        }
    }

    /**
     * @param  list<Offer>  $offers
     * @param  list<Counter>  $counters
     * @return non-empty-list<array{int, int}> total and days of every choice
     */
    private static function everyWay(array $offers, array $counters): array
    {
        $carriage = array_column(array_map(static fn (Counter $c): array => [$c->id, $c->carriage->minor], $counters), 1, 0);
        $ways = [];
        foreach (self::of($offers, 0) as $a) {
            foreach (self::of($offers, 1) as $b) {
                foreach (self::of($offers, 2) as $c) {
                    $used = array_unique([$a->supplier, $b->supplier, $c->supplier]);
                    $ways[] = [
                        $a->price->minor +
                        $b->price->minor +
                        $c->price->minor +
                        array_sum(array_map(static fn (int $s): int => $carriage[$s], $used)),
                        max((int) $a->days, (int) $b->days, (int) $c->days),
                    ];
                }
            }
        }

        return $ways === [] ? [[0, 0]] : $ways;
    }

    /**
     * @param  list<Offer>  $offers
     * @return list<Offer>
     */
    private static function of(array $offers, int $need): array
    {
        return array_values(array_filter($offers, static fn (Offer $o): bool => $o->need === $need));
    }
}
