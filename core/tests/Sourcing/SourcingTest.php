<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sourcing;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Measure\Money;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Measure\RowFault;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Sourcing\ArticleKey;
use CleanRace\Core\Sourcing\AssemblyInput;
use CleanRace\Core\Sourcing\Baskets;
use CleanRace\Core\Sourcing\BearingsOrAssembly;
use CleanRace\Core\Sourcing\Counter;
use CleanRace\Core\Sourcing\MatchCheckResult;
use CleanRace\Core\Sourcing\MatchPart;
use CleanRace\Core\Sourcing\MatchPartInput;
use CleanRace\Core\Sourcing\NamedSize;
use CleanRace\Core\Sourcing\Offer;
use CleanRace\Core\Sourcing\PriceListReader;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Throwable;

final class SourcingTest extends TestCase
{
    /** @return iterable<string, array{string, ?int}> */
    public static function amounts(): iterable
    {
        yield 'plain' => ['12.50', 1250];
        yield 'comma' => ['12,50', 1250];
        yield 'one digit' => ['12.5', 1250];
        yield 'whole' => ['12', 1200];
        yield 'with a sign' => ['€ 12.50', 1250];
        yield 'sign behind' => ['12,50 kr', 1250];
        yield 'thousands' => ['1.234,50', 123450];
        yield 'thousands the other way' => ['1,234.50', 123450];
        yield 'spaces' => ['1 234.50', 123450];
        yield 'nothing' => ['0.00', 0];
        yield 'two ways' => ['1,250', null];
        yield 'less than nothing' => ['-3.00', null];
        yield 'words' => ['ask', null];
        yield 'empty' => ['', null];
        yield 'three decimals' => ['12.3456', null];
        yield 'too much' => ['99999999999', null];
    }

    #[DataProvider('amounts')]
    public function test_amounts_are_whole_minor_units(string $typed, ?int $minor): void
    {
        try {
            self::assertSame($minor, Money::read($typed)->minor);
        } catch (Nonsense) {
            self::assertNull($minor, $typed);
        }
    }

    public function test_money_adds_multiplies_and_parts_without_a_fraction(): void
    {
        self::assertSame('37.50', Money::minor(1250)->times(3)->shown());
        self::assertSame(1, Money::minor(100)->part(1, 180)->minor, 'halves up');
        self::assertSame(8100, Money::minor(5400)->part(90, 60)->minor);
        self::assertSame('0.05', Money::minor(5)->shown());
        $this->expectException(Nonsense::class);
        Money::minor(-1);
    }

    /** @return iterable<string, array{string, string, ?string}> article, description, key */
    public static function articles(): iterable
    {
        yield 'a bearing by its number' => ['6204-2RS', '', 'bearing:6204:rs2:CN'];
        yield 'another maker' => ['6204 DDU', '', 'bearing:6204:rs2:CN'];
        yield 'C3' => ['6204-2RSH/C3', 'Deep groove', 'bearing:6204:rs2:C3'];
        yield 'shields' => ['608ZZ', '', 'bearing:608:z2:CN'];
        yield 'its number in the description' => ['KX-1188', 'Deep groove ball bearing 6204-2RS 20x47x14', 'bearing:6204:rs2:CN'];
        yield 'number and sign apart' => ['A7', 'Bearing 6005 2RS', 'bearing:6005:rs2:CN'];
        yield 'a seal' => ['S-35627', 'Oil seal 35x62x7 NBR', 'seal:35x62x7'];
        yield 'a seal the other way round' => ['', 'Seal 62 x 35 x 7', 'seal:35x62x7'];
        yield 'an internal ring' => ['R47', 'Snap ring internal 47 DIN 472', 'ring:internal:47'];
        yield 'an external ring' => ['R25', 'External snap ring for shaft 25', 'ring:external:25'];
        yield 'balls' => ['B14', 'Steel balls 1/4 in, 100', 'ball:6.350'];
        yield 'a pin' => ['P', 'Split pin 3,2 x 40', 'pin:3.2'];
        yield 'compound' => ['RC', 'Retaining compound, gap filling', 'compound:gap'];
        yield 'nobody can tell' => ['XY-1', 'Cable ties', null];
    }

    #[DataProvider('articles')]
    public function test_articles_have_one_key_however_they_are_spelled(string $article, string $description, ?string $key): void
    {
        self::assertSame($key, (new ArticleKey)->of($article, $description));
    }

    public function test_a_price_list_is_read_and_no_row_is_lost(): void
    {
        $list = (new PriceListReader)->read("\xEF\xBB\xBFItem;Description;Net price;Stock;Lead days\r\n6204-2RS;Bearing;4,20;12;\r\n;no number;1,00;;\r\n6205-2RS;\"Bearing\nwide\";ask;3;2\r\n\r\n6204-2RS;Again;5,00;1;1\r\n6005-2RS;Bearing;3.10;many;4\r\n");
        self::assertSame(['article' => 0, 'description' => 1, 'price' => 2, 'stock' => 3, 'days' => 4], $list->columns);
        self::assertSame(5, $list->rows);
        self::assertSame([['6204-2RS', 420, 12, null, 2], ['6005-2RS', 310, null, 4, 8]], array_map(static fn ($l): array => [$l->article, $l->price->minor, $l->stock, $l->days, $l->line], $list->lines));
        self::assertSame([[3, false], [4, false], [7, false], [8, true]], array_map(static fn (RowFault $f): array => [$f->line, $f->taken], $list->faults));
        self::assertStringContainsString('line 2 already', $list->faults[2]->detail);
        self::assertSame($list->rows, count($list->lines) + count(array_filter($list->faults, static fn (RowFault $f): bool => ! $f->taken)));
    }

    public function test_columns_can_be_said_and_must_be_there(): void
    {
        $list = (new PriceListReader)->read("foo,bar\n6204,4.20\n", ['article' => 0, 'price' => 1]);
        self::assertSame(420, $list->lines[0]->price->minor);
        foreach ([["foo,bar\n6204,4.20\n", []], ["foo,bar\n6204,4.20\n", ['article' => 0, 'price' => 9]], ['', []], ["a\0b", []]] as [$bytes, $columns]) {
            try {
                (new PriceListReader)->read($bytes, $columns);
                self::fail('was taken');
            } catch (Nonsense $nonsense) {
                self::assertContains($nonsense->field, ['file', 'columns']);
            }
        }
        $old = (new PriceListReader)->read(mb_convert_encoding("Artikel;Bezeichnung;Preis\n6204;Kugellager für Räder;4,20\n", 'Windows-1252', 'UTF-8'));
        self::assertSame('Kugellager für Räder', $old->lines[0]->description);
    }

    public function test_hostile_files_are_refused_or_read_but_never_break(): void
    {
        $chance = new Chance(new Mt19937(21));
        $pieces = ['6204', ';', ',', "\n", '"', 'price', 'article', "\r", "\t", '4,20', '-1', "\xFF", '""', '=1+1', '9999999999999', 'ß', "\n\n"];
        $slowest = 0.0;
        for ($i = 0; $i < 2000; $i++) {
            $text = $chance->whole(0, 1) === 1 ? "article;price\n" : '';
            for ($n = $chance->whole(0, 40); $n > 0; $n--) {
                $text .= $chance->oneOf($pieces);
            }
            $from = microtime(true);
            try {
                $list = (new PriceListReader)->read($text);
                self::assertSame($list->rows, count($list->lines) + count(array_filter($list->faults, static fn (RowFault $f): bool => ! $f->taken)));
            } catch (Nonsense) {
            } catch (Throwable $fault) {
                self::fail($fault::class.': '.$fault->getMessage().' for '.json_encode($text, JSON_INVALID_UTF8_SUBSTITUTE));
            }
            $slowest = max($slowest, microtime(true) - $from);
        }
        self::assertLessThan(0.25, $slowest);
    }

    private static function offer(int $need, int $supplier, int $minor, ?int $days): Offer
    {
        return new Offer($need, $supplier, "a$need", Money::minor($minor), 1, $days, true);
    }

    public function test_the_cheapest_basket_counts_carriage_and_the_soonest_counts_days(): void
    {
        $counters = [new Counter(1, 'Quay', Money::minor(0)), new Counter(2, 'Mainland', Money::minor(600)), new Counter(3, 'Far', Money::minor(900))];
        $offers = [self::offer(0, 1, 1000, 0), self::offer(1, 1, 1000, 3), self::offer(0, 2, 800, 1), self::offer(1, 2, 500, 1), self::offer(1, 3, 100, 9)];
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
            $counters = array_map(static fn (int $id): Counter => new Counter($id, "c$id", Money::minor($chance->whole(0, 900))), [1, 2, 3]);
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
                    $ways[] = [$a->price->minor + $b->price->minor + $c->price->minor + array_sum(array_map(static fn (int $s): int => $carriage[$s], $used)), max((int) $a->days, (int) $b->days, (int) $c->days)];
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

    public function test_bearings_against_the_assembly_and_where_they_meet(): void
    {
        $work = static fn (string $assembly, int $risk = 10) => (new BearingsOrAssembly(Limits::standard()))->work(new AssemblyInput(Money::read('38.40'), 90, Money::read($assembly), 30, Money::read('54.00'), $risk));
        $result = $work('240.00');
        self::assertSame([3840 + 8100 + 2670, 26700, 2670], [$result->bearings->minor, $result->assembly->minor, $result->risk->minor]);
        self::assertSame('assembly.bearings', $result->verdict->headline->key);
        self::assertSame(intdiv((3840 + 8100) * 100 + 45, 90) - 2700, $result->breakEven?->minor);
        $even = $work($result->breakEven->shown());
        self::assertEqualsWithDelta($even->bearings->minor, $even->assembly->minor, 2);
        self::assertSame(Level::Care, $even->verdict->level);
        self::assertSame('assembly.whole', $work('60.00')->verdict->headline->key);
        self::assertNull($work('60.00', 100)->breakEven);
    }

    /** @param  array<string, array{string, string}>  $sizes */
    private static function match(PartKind $kind, array $sizes): MatchCheckResult
    {
        return (new MatchPart)->work(new MatchPartInput($kind, array_map(static fn (string $what, array $pair): NamedSize => new NamedSize($what, ...$pair), array_keys($sizes), array_values($sizes))));
    }

    public function test_cones_are_matched_by_all_that_matters(): void
    {
        $cone = ['thread' => ['M10x1', 'm10 × 1'], 'ball' => ['6.35', '1/4 in'], 'track_radius' => ['3.6', '3.5'], 'outside' => ['17', '17.1'], 'length' => ['16.2', '16.0'], 'flats' => ['15', '15'], 'seal' => ['rubber lip', 'rubber lip']];
        self::assertSame(Level::Go, self::match(PartKind::Cone, $cone)->verdict->level);
        self::assertSame(Level::Care, self::match(PartKind::Cone, array_slice($cone, 0, 3))->verdict->level, 'not all compared');
        foreach (['thread' => ['M10x1', 'M9x1'], 'ball' => ['6.35', '5.56'], 'length' => ['16.2', '14.0'], 'seal' => ['rubber lip', 'none']] as $what => $pair) {
            $result = self::match(PartKind::Cone, [$what => $pair] + $cone);
            self::assertSame(Level::Stop, $result->verdict->level, $what);
            self::assertCount(1, array_filter($result->compared, static fn ($d): bool => $d->level === Level::Stop));
        }
    }

    public function test_every_kind_that_can_be_matched_has_its_sizes(): void
    {
        $kinds = array_unique(array_column(Table::rows('match_sizes'), 'kind'));
        self::assertGreaterThan(15, count($kinds));
        foreach ($kinds as $kind) {
            $rows = MatchPart::sizes(PartKind::from($kind));
            $same = array_combine(array_column($rows, 'what'), array_map(static fn (array $r): array => $r['words'] === '1' ? ['a', 'a'] : ['10', '10'], $rows));
            self::assertSame(Level::Go, self::match(PartKind::from($kind), $same)->verdict->level, $kind);
        }
        foreach ([['colour' => ['a', 'a']], ['ball' => ['six', '6']]] as $sizes) {
            try {
                self::match(PartKind::Cone, $sizes);
                self::fail('was taken');
            } catch (Nonsense $nonsense) {
                self::assertStringStartsWith('sizes.0.', (string) $nonsense->field);
            }
        }
    }
}
