<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sourcing;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\RowFault;
use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Sourcing\ArticleKey;
use CleanRace\Core\Sourcing\PriceListReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Throwable;

/** Price lists and the articles in them. */
final class PriceListTest extends TestCase
{
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
        self::assertSame($key, (new ArticleKey())->of($article, $description));
    }

    public function test_a_price_list_is_read_and_no_row_is_lost(): void
    {
        $list = (new PriceListReader())->read(
            "\xEF\xBB\xBFItem;Description;Net price;Stock;Lead days\r\n"
                ."6204-2RS;Bearing;4,20;12;\r\n"
                .";no number;1,00;;\r\n"
                ."6205-2RS;\"Bearing\nwide\";ask;3;2\r\n\r\n"
                ."6204-2RS;Again;5,00;1;1\r\n"
                ."6005-2RS;Bearing;3.10;many;4\r\n",
        );
        self::assertSame(['article' => 0, 'description' => 1, 'price' => 2, 'stock' => 3, 'days' => 4], $list->columns);
        self::assertSame(5, $list->rows);
        self::assertSame(
            [['6204-2RS', 420, 12, null, 2], ['6005-2RS', 310, null, 4, 8]],
            array_map(static fn ($l): array => [$l->article, $l->price->minor, $l->stock, $l->days, $l->line], $list->lines),
        );
        self::assertSame(
            [[3, false], [4, false], [7, false], [8, true]],
            array_map(static fn (RowFault $f): array => [$f->line, $f->taken], $list->faults),
        );
        self::assertStringContainsString('line 2 already', $list->faults[2]->detail);
        self::assertSame(
            $list->rows,
            count($list->lines) + count(array_filter($list->faults, static fn (RowFault $f): bool => ! $f->taken)),
        );
    }

    public function test_columns_can_be_said_and_must_be_there(): void
    {
        $list = (new PriceListReader())->read("foo,bar\n6204,4.20\n", ['article' => 0, 'price' => 1]);
        self::assertSame(420, $list->lines[0]->price->minor);
        $cases = [["foo,bar\n6204,4.20\n", []], ["foo,bar\n6204,4.20\n", ['article' => 0, 'price' => 9]], ['', []], ["a\0b", []]];
        foreach ($cases as [$bytes, $columns]) {
            try {
                (new PriceListReader())->read($bytes, $columns);
                self::fail('was taken');
            } catch (InvalidInput $invalid) {
                self::assertContains($invalid->field, ['file', 'columns']);
            }
        }
        $old = (new PriceListReader())->read(
            mb_convert_encoding("Artikel;Bezeichnung;Preis\n6204;Kugellager für Räder;4,20\n", 'Windows-1252', 'UTF-8'),
        );
        self::assertSame('Kugellager für Räder', $old->lines[0]->description);
    }

    public function test_hostile_files_are_refused_or_read_but_never_break(): void
    {
        $chance = new Chance(new Mt19937(21));
        $pieces = [
            '6204',
            ';',
            ',',
            "\n",
            '"',
            'price',
            'article',
            "\r",
            "\t",
            '4,20',
            '-1',
            "\xFF",
            '""',
            '=1+1',
            '9999999999999',
            'ß',
            "\n\n",
        ];
        for ($i = 0; $i < 2000; $i++) {
            $text = $chance->whole(0, 1) === 1 ? "article;price\n" : '';
            for ($n = $chance->whole(0, 40); $n > 0; $n--) {
                $text .= $chance->oneOf($pieces);
            }
            try {
                $list = (new PriceListReader())->read($text);
                self::assertSame(
                    $list->rows,
                    count($list->lines) + count(array_filter($list->faults, static fn (RowFault $f): bool => ! $f->taken)),
                );
            } catch (InvalidInput) {
            } catch (Throwable $fault) {
                self::fail($fault::class.': '.$fault->getMessage().' for '.json_encode($text, JSON_INVALID_UTF8_SUBSTITUTE));
            }
        }
    }

    public function test_a_list_may_be_so_long_and_no_longer(): void
    {
        $row = static fn (int $i): string => "A$i;1\n";
        $list = static fn (int $rows): string => "Item;Price\n".implode('', array_map($row, range(1, $rows)));
        self::assertSame(20_000, (new PriceListReader())->read($list(20_000))->rows);
        $this->expectExceptionMessage('more than 20000 rows');
        (new PriceListReader())->read($list(20_001));
    }

    /** @return iterable<string, array{array<string, int>}> */
    public static function wrongColumns(): iterable
    {
        yield 'nothing of that name' => [['colour' => 1]];
        yield 'before the first' => [['price' => -1]];
        yield 'past the last' => [['price' => 3]];
    }

    /** @param  array<string, int>  $said */
    #[DataProvider('wrongColumns')]
    public function test_a_column_that_is_not_there_is_refused(array $said): void
    {
        self::assertCount(1, (new PriceListReader())->read("Item;Colour;Price\nA;red;1\n", ['price' => 2])->lines);
        $this->expectException(InvalidInput::class);
        (new PriceListReader())->read("Item;Colour;Price\nA;red;1\n", $said);
    }

    public function test_a_compound_is_known_by_the_gap_it_fills(): void
    {
        $key = static fn (string $said): ?string => (new ArticleKey())->of('RC', $said);
        self::assertSame('compound:thin', $key('Retaining compound'));
        self::assertSame('compound:thin', $key('Retaining compound, to 0.1 mm'));
        self::assertSame('compound:medium', $key('Retaining compound medium'));
        self::assertSame('compound:medium', $key('Bearing fit, to 0,15 mm'));
        self::assertSame('compound:gap', $key('Retaining compound, to 0.38 mm'));
    }
}
