<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sourcing;

use CleanRace\Core\Measure\Money;
use CleanRace\Core\Sourcing\ArticleKey;
use CleanRace\Core\Sourcing\AssemblyInput;
use CleanRace\Core\Sourcing\BearingsOrAssembly;
use CleanRace\Core\Sourcing\PriceListReader;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What holds of articles, lists and assemblies. */
final class SourcingPropertiesTest extends TestCase
{
    use TestTrait;

    public function test_makers_letters_for_one_seal_are_one_article_and_for_another_seal_another(): void
    {
        $keys = [];
        foreach (Table::rows('suffixes') as $row) {
            if (in_array($row['family'], ['contact_both', 'contact_one', 'shield_both', 'lowfriction_both'], true)) {
                foreach (['6204', '608', '6902'] as $number) {
                    $keys[$number][$row['family']][(new ArticleKey())->of($number.'-'.$row['spelling']) ?? 'nobody knows'] =
                        $row['spelling'];
                }
            }
        }
        foreach ($keys as $number => $families) {
            foreach ($families as $family => $different) {
                self::assertCount(1, $different, "$number $family: ".implode(', ', $different));
            }
            self::assertCount(
                count($families),
                array_unique(array_map(static fn (array $d): string => (string) array_key_first($d), $families)),
            );
        }
    }

    public function test_a_price_list_written_any_way_is_read_as_it_was_meant(): void
    {
        $this->limitTo(60)
            ->forAll(
                Generators::elements(',', ';', "\t", '|'),
                Generators::bool(),
                Generators::seq(Generators::choose(1, 99_999)),
                Generators::bool(),
            )
            ->then(function (string $parting, bool $comma, array $prices, bool $crlf): void {
                $comma = $comma && $parting !== ',';
                $rows = [];
                foreach ($prices as $i => $minor) {
                    $price = sprintf('%d.%02d', intdiv($minor, 100), $minor % 100);
                    $rows[] = implode($parting, [
                        "A-$i",
                        '"text '.$parting.' with it"',
                        $comma ? str_replace('.', ',', $price) : $price,
                    ]);
                }
                $list = (new PriceListReader())->read(
                    implode($crlf ? "\r\n" : "\n", [implode($parting, ['Article', 'Description', 'Price']), ...$rows, '']),
                );
                self::assertSame($prices, array_map(static fn ($l): int => $l->price->minor, $list->lines));
                self::assertSame([], $list->faults);
                self::assertSame(array_keys($rows), array_map(static fn ($l): int => $l->line - 2, $list->lines));
            });
    }

    public function test_a_dearer_assembly_never_speaks_for_the_assembly(): void
    {
        $this->limitTo(80)
            ->forAll(
                Generators::choose(0, 50_000),
                Generators::choose(0, 300),
                Generators::choose(0, 100_000),
                Generators::choose(0, 90),
            )
            ->then(function (int $parts, int $minutes, int $assembly, int $risk): void {
                $less = static fn (int $price): int => (static fn ($r): int => $r->bearings->minor - $r->assembly->minor)(
                    (new BearingsOrAssembly(Limits::standard()))->work(
                        new AssemblyInput(Money::minor($parts), $minutes, Money::minor($price), 20, Money::minor(5400), $risk),
                    ),
                );
                self::assertLessThanOrEqual($less($assembly) + 1, $less($assembly + 1000));
                $even = (new BearingsOrAssembly(Limits::standard()))->work(
                    new AssemblyInput(Money::minor($parts), $minutes, Money::minor($assembly), 20, Money::minor(5400), $risk),
                )->breakEven;
                self::assertTrue($even === null || abs($less($even->minor)) <= 2);
            });
    }
}
