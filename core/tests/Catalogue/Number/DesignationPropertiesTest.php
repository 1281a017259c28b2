<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Catalogue\Number;

use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Catalogue\Number\Designation;
use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Tables\Table;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What holds of stamped numbers. */
final class DesignationPropertiesTest extends TestCase
{
    use TestTrait;

    public function test_signs_say_the_same_in_any_order_any_case_and_with_any_separator(): void
    {
        $closed = array_values(
            array_filter(
                Table::rows('suffixes'),
                static fn (array $r): bool => in_array(
                    $r['family'],
                    ['contact_both', 'shield_both', 'lowfriction_both', 'contact_one'],
                    true,
                ),
            ),
        );
        $numbers = ['6204', '608', '6005', '6902', '62/22', 'R8', '16004', '63004', '3204'];
        $this->limitTo(150)
            ->forAll(
                Generators::choose(0, count($closed) - 1),
                Generators::choose(0, count($numbers) - 1),
                Generators::elements(' ', '-', '.', ' - ', '  '),
                Generators::elements('C3', 'C2', 'CN', ''),
                Generators::bool(),
                Generators::bool(),
            )
            ->then(function (int $which, int $number, string $between, string $clearance, bool $first, bool $lower) use (
                $closed,
                $numbers,
            ): void {
                $sign = $closed[$which]['spelling'];
                $parts = array_filter($first ? [$clearance, $sign] : [$sign, $clearance]);
                $typed = $numbers[$number].$between.implode($between, $parts);
                $read = (new DesignationReader())->read($lower ? strtolower($typed) : $typed);
                self::assertSame($numbers[$number], $read->number, $typed);
                self::assertSame((int) $closed[$which]['seals'], $read->seals(), $typed);
                self::assertSame($clearance === '' ? 'CN' : $clearance, $read->clearance(), $typed);
                self::assertSame([], $read->unknown(), $typed);
            });
    }

    public function test_one_question_mark_anywhere_still_offers_the_bearing_it_was(): void
    {
        $common = array_values(
            array_filter((new BearingTable())->all(), static fn ($b): bool => $b->commonness >= 3 && ctype_digit($b->number)),
        );
        $this->limitTo(120)
            ->forAll(Generators::choose(0, count($common) - 1), Generators::choose(1, 3))
            ->then(function (int $which, int $at) use ($common): void {
                $number = $common[$which]->number;
                $typed = substr_replace($number, '?', min($at, strlen($number) - 1), 1);
                $offered = array_map(static fn (Designation $d): string => $d->number, (new DesignationReader())->readings($typed));
                self::assertContains($number, $offered, $typed);
            });
    }
}
