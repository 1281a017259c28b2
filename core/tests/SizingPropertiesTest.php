<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests;

use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Catalogue\Number\Designation;
use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Measure\Clock;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Money;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Measure\Typed\LengthText;
use CleanRace\Core\Measure\Typed\ThreeSizes;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Fit\ShaftFit;
use CleanRace\Core\Mechanics\Fit\ShaftFitInput;
use CleanRace\Core\Mechanics\Fit\SlidingFit;
use CleanRace\Core\Mechanics\Fit\SlidingFitInput;
use CleanRace\Core\Mechanics\Pressing\PressForce;
use CleanRace\Core\Mechanics\Pressing\PressForceInput;
use CleanRace\Core\Mechanics\Pressing\PressForceResult;
use CleanRace\Core\Sizing\Grease\Grease;
use CleanRace\Core\Sizing\Grease\GreaseInput;
use CleanRace\Core\Sizing\SmallParts\BallFinder;
use CleanRace\Core\Sizing\SmallParts\BallInput;
use CleanRace\Core\Sizing\SmallParts\BallReading;
use CleanRace\Core\Sizing\SmallParts\SealFinder;
use CleanRace\Core\Sizing\SmallParts\SealInput;
use CleanRace\Core\Sizing\SmallParts\SnapRingFinder;
use CleanRace\Core\Sizing\SmallParts\SnapRingInput;
use CleanRace\Core\Sizing\Wear\BoreDepth;
use CleanRace\Core\Sizing\Wear\BoreReading;
use CleanRace\Core\Sizing\Wear\BoreSurvey;
use CleanRace\Core\Sizing\Wear\BoreSurveyInput;
use CleanRace\Core\Sizing\Wear\BoreSurveyResult;
use CleanRace\Core\Sourcing\ArticleKey;
use CleanRace\Core\Sourcing\AssemblyInput;
use CleanRace\Core\Sourcing\BearingsOrAssembly;
use CleanRace\Core\Sourcing\PriceListReader;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What must hold of sizing and sourcing whatever the numbers are. */
final class SizingPropertiesTest extends TestCase
{
    use TestTrait;

    public function test_signs_say_the_same_in_any_order_any_case_and_with_any_separator(): void
    {
        $closed = array_values(array_filter(Table::rows('suffixes'), static fn (array $r): bool => in_array($r['family'], ['contact_both', 'shield_both', 'lowfriction_both', 'contact_one'], true)));
        $numbers = ['6204', '608', '6005', '6902', '62/22', 'R8', '16004', '63004', '3204'];
        $this->limitTo(150)->forAll(Generators::choose(0, count($closed) - 1), Generators::choose(0, count($numbers) - 1), Generators::elements(' ', '-', '.', ' - ', '  '), Generators::elements('C3', 'C2', 'CN', ''), Generators::bool(), Generators::bool())
            ->then(function (int $which, int $number, string $between, string $clearance, bool $first, bool $lower) use ($closed, $numbers): void {
                $sign = $closed[$which]['spelling'];
                $parts = array_filter($first ? [$clearance, $sign] : [$sign, $clearance]);
                $typed = $numbers[$number].$between.implode($between, $parts);
                $read = (new DesignationReader)->read($lower ? strtolower($typed) : $typed);
                self::assertSame($numbers[$number], $read->number, $typed);
                self::assertSame((int) $closed[$which]['seals'], $read->seals(), $typed);
                self::assertSame($clearance === '' ? 'CN' : $clearance, $read->clearance(), $typed);
                self::assertSame([], $read->unknown(), $typed);
            });
    }

    public function test_one_question_mark_anywhere_still_offers_the_bearing_it_was(): void
    {
        $common = array_values(array_filter((new BearingTable)->all(), static fn ($b): bool => $b->commonness >= 3 && ctype_digit($b->number)));
        $this->limitTo(120)->forAll(Generators::choose(0, count($common) - 1), Generators::choose(1, 3))->then(function (int $which, int $at) use ($common): void {
            $number = $common[$which]->number;
            $typed = substr_replace($number, '?', min($at, strlen($number) - 1), 1);
            $offered = array_map(static fn (Designation $d): string => $d->number, (new DesignationReader)->readings($typed));
            self::assertContains($number, $offered, $typed);
        });
    }

    /** @param  array{int, int, int}  $um micrometres off 47.00, at 12, 2 and 4 */
    private static function survey(array $um, int $shift = 0): BoreSurveyResult
    {
        $clocks = ['12', '2', '4'];
        $readings = array_map(static fn (string $clock, int $off): BoreReading => new BoreReading(BoreDepth::Lip, Clock::read($clock), Reading::mm(47 + ($off + $shift) / 1000, Instrument::BoreGauge)), $clocks, $um);

        return (new BoreSurvey(Limits::standard()))->work(new BoreSurveyInput($readings));
    }

    public function test_ovality_does_not_care_which_direction_is_called_twelve_nor_how_wide_the_bore_is(): void
    {
        $this->limitTo(100)->forAll(Generators::choose(-40, 40), Generators::choose(-40, 40), Generators::choose(-40, 40), Generators::choose(-50, 50))->then(function (int $a, int $b, int $c, int $shift): void {
            $plain = self::survey([$a, $b, $c]);
            self::assertEqualsWithDelta($plain->ovality?->mm, self::survey([$b, $c, $a])->ovality?->mm, 1e-7);
            self::assertEqualsWithDelta($plain->ovality?->mm, self::survey([$c, $b, $a])->ovality?->mm, 1e-7);
            $wider = self::survey([$a, $b, $c], $shift);
            self::assertEqualsWithDelta($plain->ovality?->mm, $wider->ovality?->mm, 1e-6);
            self::assertEqualsWithDelta($plain->mean->value->mm + $shift / 1000, $wider->mean->value->mm, 1e-9);
        });
    }

    /** @param  array<string, mixed>  $changed */
    private static function force(array $changed): PressForceResult
    {
        return (new PressForce(Limits::standard()))->work(new PressForceInput(...($changed + ['bore' => Length::mm(30), 'outside' => Length::mm(62), 'width' => Length::mm(16), 'interference' => Length::mm(0.02)])));
    }

    public function test_force_grows_with_the_fit_and_with_what_is_behind_it(): void
    {
        $this->limitTo(100)->forAll(Generators::choose(6, 60), Generators::choose(66, 140), Generators::choose(0, 28), Generators::elements(...Material::cases()))->then(function (int $um, int $hub, int $hole, Material $material): void {
            $at = static fn (float $mm, int $outside): float => self::force(['interference' => Length::mm($mm), 'hubOutside' => Length::mm($outside), 'material' => $material])->force->newtons;
            self::assertGreaterThan($at($um / 1000, $hub), $at(($um + 2) / 1000, $hub));
            self::assertGreaterThan($at($um / 1000, $hub), $at($um / 1000, $hub + 6));
            $shaft = static fn (int $hole): PressForceResult => self::force(['interference' => Length::mm($um / 1000), 'seat' => RingSeat::Shaft, 'shaftHole' => Length::mm($hole)]);
            self::assertGreaterThanOrEqual($shaft($hole + 1)->force->newtons, $shaft($hole)->force->newtons);
            self::assertEqualsWithDelta(2.5, $shaft($hole)->removal->newtons / $shaft($hole)->force->newtons, 1e-9, '1.5 × 0.20 / 0.12');
            self::assertGreaterThanOrEqual($shaft($hole)->pressure->megapascals, $shaft($hole)->hoopStress->megapascals, 'a stretched ring is stressed more than it is pressed');
        });
    }

    public function test_a_larger_shaft_is_never_less_sure_to_grip_and_never_surer_to_slide(): void
    {
        $this->limitTo(60)->forAll(Generators::choose(-60, 40), Generators::elements(Instrument::Micrometer, Instrument::DigitalCaliper))->then(function (int $um, Instrument $by): void {
            $grips = static fn (int $off): float => (new ShaftFit(Limits::standard()))->work(new ShaftFitInput(Length::mm(30), Reading::mm(30 + $off / 1000, $by)))->probabilityGrips->share;
            self::assertGreaterThanOrEqual($grips($um) - 1e-9, $grips($um + 5));
            $gap = static fn (int $off): float => (new SlidingFit(Limits::standard()))->work(new SlidingFitInput(Length::mm(30), Reading::mm(30 + $off / 1000, $by)))->interference->mm;
            self::assertGreaterThan($gap($um), $gap($um + 5));
        });
    }

    public function test_hands_move_a_fit_towards_what_they_felt(): void
    {
        foreach (FitFeel::cases() as $feel) {
            [$low, $high] = $feel->band();
            $fit = (new ShaftFit(Limits::standard()))->work(new ShaftFitInput(Length::mm(30), null, null, $feel))->interference->mm;
            self::assertGreaterThanOrEqual($low - 0.006, $fit, $feel->value);
            self::assertLessThanOrEqual($high + 0.006, $fit, $feel->value);
        }
    }

    public function test_every_listed_seal_ring_and_ball_is_found_by_its_own_sizes(): void
    {
        foreach (Table::rows('seals') as $row) {
            if ($row['system'] === 'metric') {
                $found = (new SealFinder(Limits::standard()))->work(new SealInput("{$row['shaft_mm']} x {$row['bore_mm']} x {$row['width_mm']}"));
                self::assertStringStartsWith((float) $row['shaft_mm'].' × '.(float) $row['bore_mm'], English::of($found->candidates[0]->sizes));
            }
        }
        foreach (Table::rows('snap_rings') as $row) {
            $seat = $row['kind'] === 'internal' ? RingSeat::Bore : RingSeat::Shaft;
            $found = (new SnapRingFinder(Limits::standard()))->work(new SnapRingInput(Reading::mm((float) $row['size_mm'], Instrument::Micrometer), $seat, Reading::mm((float) $row['groove_mm'], Instrument::Micrometer), Reading::mm((float) $row['thickness_mm'], Instrument::Micrometer)));
            self::assertSame($row['system'], $found->candidates[0]->system, $row['size_mm']);
        }
        foreach (Table::rows('balls') as $row) {
            $found = (new BallFinder(Limits::standard()))->work(new BallInput([new BallReading(Length::mm((float) $row['diameter_mm']))], Instrument::Micrometer));
            self::assertSame($row['name'], English::of($found->found));
        }
    }

    public function test_grease_grows_with_the_bearing_and_the_fill(): void
    {
        $this->limitTo(60)->forAll(Generators::choose(5, 40), Generators::choose(8, 60), Generators::choose(4, 30))->then(function (int $bore, int $more, int $width): void {
            $grams = static fn (int $m, int $w, bool $wet): float => (new Grease(Limits::standard()))->work(new GreaseInput(Length::mm($bore), Length::mm($bore + $m), Length::mm($w), wet: $wet))->grease->grams;
            self::assertGreaterThan($grams($more, $width, false), $grams($more + 1, $width, false));
            self::assertEqualsWithDelta(2 * $grams($more, $width, false), $grams($more, 2 * $width, false), 1e-9);
        });
    }

    public function test_three_sizes_come_back_as_they_were_typed(): void
    {
        $this->limitTo(150)->forAll(Generators::choose(30, 600), Generators::choose(601, 1500), Generators::choose(30, 400), Generators::elements('x', ' x ', ' × ', ' ', '-', '*'))->then(function (int $a, int $b, int $c, string $between): void {
            $typed = implode($between, array_map(static fn (int $tenths): string => (string) ($tenths / 10), [$a, $b, $c]));
            self::assertEquals([$a / 10, $b / 10, $c / 10], array_map(static fn (string $p): float => (new LengthText)->read($p)->mm, ThreeSizes::parts($typed)), $typed);
        });
    }

    public function test_money_comes_back_as_it_was_shown_and_parts_never_lose_more_than_a_half(): void
    {
        $this->limitTo(150)->forAll(Generators::choose(0, 9_999_999), Generators::choose(0, 600), Generators::choose(1, 600))->then(function (int $minor, int $of, int $whole): void {
            self::assertSame($minor, Money::read(Money::minor($minor)->shown())->minor);
            self::assertSame($minor, Money::read(str_replace('.', ',', Money::minor($minor)->shown()).' €')->minor);
            self::assertEqualsWithDelta($minor * $of / $whole, Money::minor(min($minor, 100_000))->minor === $minor ? Money::minor($minor)->part($of, $whole)->minor : $minor * $of / $whole, 0.5001);
        });
    }

    public function test_makers_letters_for_one_seal_are_one_article_and_for_another_seal_another(): void
    {
        $keys = [];
        foreach (Table::rows('suffixes') as $row) {
            if (in_array($row['family'], ['contact_both', 'contact_one', 'shield_both', 'lowfriction_both'], true)) {
                foreach (['6204', '608', '6902'] as $number) {
                    $keys[$number][$row['family']][(new ArticleKey)->of($number.'-'.$row['spelling']) ?? 'nobody knows'] = $row['spelling'];
                }
            }
        }
        foreach ($keys as $number => $families) {
            foreach ($families as $family => $different) {
                self::assertCount(1, $different, "$number $family: ".implode(', ', $different));
            }
            self::assertCount(count($families), array_unique(array_map(static fn (array $d): string => (string) array_key_first($d), $families)));
        }
    }

    public function test_a_price_list_written_any_way_is_read_as_it_was_meant(): void
    {
        $this->limitTo(60)->forAll(Generators::elements(',', ';', "\t", '|'), Generators::bool(), Generators::seq(Generators::choose(1, 99_999)), Generators::bool())->then(function (string $parting, bool $comma, array $prices, bool $crlf): void {
            $comma = $comma && $parting !== ',';
            $rows = [];
            foreach ($prices as $i => $minor) {
                $price = sprintf('%d.%02d', intdiv($minor, 100), $minor % 100);
                $rows[] = implode($parting, ["A-$i", '"text '.$parting.' with it"', $comma ? str_replace('.', ',', $price) : $price]);
            }
            $list = (new PriceListReader)->read(implode($crlf ? "\r\n" : "\n", [implode($parting, ['Article', 'Description', 'Price']), ...$rows, '']));
            self::assertSame($prices, array_map(static fn ($l): int => $l->price->minor, $list->lines));
            self::assertSame([], $list->faults);
            self::assertSame(array_keys($rows), array_map(static fn ($l): int => $l->line - 2, $list->lines));
        });
    }

    public function test_a_dearer_assembly_never_speaks_for_the_assembly(): void
    {
        $this->limitTo(80)->forAll(Generators::choose(0, 50_000), Generators::choose(0, 300), Generators::choose(0, 100_000), Generators::choose(0, 90))->then(function (int $parts, int $minutes, int $assembly, int $risk): void {
            $less = static fn (int $price): int => (static fn ($r): int => $r->bearings->minor - $r->assembly->minor)((new BearingsOrAssembly(Limits::standard()))->work(new AssemblyInput(Money::minor($parts), $minutes, Money::minor($price), 20, Money::minor(5400), $risk)));
            self::assertLessThanOrEqual($less($assembly) + 1, $less($assembly + 1000));
            $even = (new BearingsOrAssembly(Limits::standard()))->work(new AssemblyInput(Money::minor($parts), $minutes, Money::minor($assembly), 20, Money::minor(5400), $risk))->breakEven;
            self::assertTrue($even === null || abs($less($even->minor)) <= 2);
        });
    }
}
