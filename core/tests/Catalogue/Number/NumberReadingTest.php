<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Catalogue\Number;

use CleanRace\Core\Catalogue\Number\CounterWords;
use CleanRace\Core\Catalogue\Number\Designation;
use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Catalogue\Number\LookAlikes;
use CleanRace\Core\Catalogue\Number\NumberIndex;
use CleanRace\Core\Catalogue\Number\NumberRules;
use CleanRace\Core\Catalogue\Number\Suffixes;
use CleanRace\Core\Catalogue\Number\TypedNumber;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Tests\English;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How a stamped number is cleaned, found, guessed and ranked. */
final class NumberReadingTest extends TestCase
{
    /** @return iterable<string, array{string, string}> typed, without separators */
    public static function cleaned(): iterable
    {
        yield 'spaces and dashes' => [' 62 04 - 2rs ', '62042RS'];
        yield 'long dashes' => ['6204–2RS', '62042RS'];
        yield 'the stroke of a literal bore stays' => ['62/22', '62/22'];
        yield 'also behind a prefix' => ['SS 62/22', 'SS62/22'];
        yield 'of a small thin bearing' => ['618/8', '618/8'];
        yield 'a stroke before a suffix goes' => ['6204/2RS', '62042RS'];
        yield 'a stroke before a clearance goes' => ['6204/C3', '6204C3'];
        yield 'an inch bore as a fraction' => ['6203-5/8', '620310'];
        yield 'a fraction that is none' => ['6000-6/2Z', '600062Z'];
        yield 'a cone with the end of its cup' => ['LM11949/10', 'LM11949LM11910'];
        yield 'brackets' => ['6204 (C3)', '6204C3'];
    }

    #[DataProvider('cleaned')]
    public function test_what_is_typed_is_cleaned(string $typed, string $compact): void
    {
        self::assertSame($compact, TypedNumber::of($typed)->compact);
    }

    public function test_what_stands_behind_the_number_keeps_its_separators(): void
    {
        $number = TypedNumber::of('62 04 - 2RS/C3');
        self::assertSame(' - 2RS/C3', $number->behind(4));
        self::assertTrue($number->isParted(0, 4));
        self::assertFalse($number->isParted(0, 2));
        self::assertSame(0, $number->leadingLetters());
        self::assertSame(2, TypedNumber::of('SS6204')->leadingLetters());
    }

    public function test_nothing_too_much_and_broken_text_are_refused(): void
    {
        foreach (['', '   ', str_repeat('6', 41), "\xC3\x28"] as $typed) {
            try {
                TypedNumber::of($typed);
                self::fail('was taken');
            } catch (InvalidInput $invalid) {
                self::assertNotSame('', $invalid->getMessage());
            }
        }
    }

    /** @return iterable<string, array{string, ?string, ?float}> number, kind, bore */
    public static function coded(): iterable
    {
        yield 'ten' => ['6200', 'deep_groove', 10.0];
        yield 'seventeen' => ['6203', 'deep_groove', 17.0];
        yield 'times five' => ['6220', 'deep_groove', 100.0];
        yield 'one digit' => ['627', 'deep_groove', 7.0];
        yield 'five digits' => ['32004', 'taper', 20.0];
        yield 'four digits' => ['3204', 'double_row_angular', 20.0];
        yield 'literal' => ['63/32', 'deep_groove', 32.0];
        yield 'no such code' => ['6299', null, null];
        yield 'no such series' => ['9904', null, null];
        yield 'too short' => ['62', null, null];
    }

    #[DataProvider('coded')]
    public function test_series_and_bore_code_by_rule(string $number, ?string $kind, ?float $bore): void
    {
        $read = NumberRules::coded($number);
        self::assertSame([$kind, $bore], [$read?->kind->value, $read?->boreMm]);
        self::assertNull($read?->size, 'a rule knows no outside');
    }

    /** @return iterable<string, array{string, ?string}> number, sizes */
    public static function spelled(): iterable
    {
        yield 'wheel style' => ['19317', '19 × 31 × 7 mm'];
        yield 'hub unit' => ['DAC41680040', '41 × 68 × 40 mm'];
        yield 'without its letters' => ['41680040', '41 × 68 × 40 mm'];
        yield 'bore not smaller' => ['30207', null];
        yield 'far too high' => ['11949', null];
    }

    #[DataProvider('spelled')]
    public function test_sizes_in_the_number_itself(string $number, ?string $sizes): void
    {
        self::assertSame($sizes, NumberRules::spelledOut($number)?->size?->sizes());
    }

    /** @return iterable<string, array{string, string, string}> typed, what it looks like, what was taken for what */
    public static function looks(): iterable
    {
        yield 'O' => ['62O5', '6205', 'O as 0'];
        yield 'S' => ['620S', '6205', 'S as 5'];
        yield 'I' => ['63OI', '6301', 'O as 0, I as 1'];
        yield 'B for six' => ['B205', '6205', 'B as 6'];
        yield 'B for eight' => ['6B05', '6805', 'B as 8'];
        yield 'G' => ['G304', '6304', 'G as 6'];
        yield 'Z' => ['6Z04', '6204', 'Z as 2'];
        yield 'T' => ['T204', '7204', 'T as 7'];
        yield 'unread' => ['63?4', '6304', '? as 0'];
        yield 'in a literal bore' => ['62/2B', '62/28', 'B as 8'];
    }

    #[DataProvider('looks')]
    public function test_what_a_dirty_number_looks_like_is_offered_and_said(string $typed, string $number, string $guess): void
    {
        foreach ((new DesignationReader())->readings($typed) as $read) {
            if ($read->number === $number) {
                self::assertSame($guess, English::of($read->guessed));

                return;
            }
        }
        self::fail("$number is not offered for $typed.");
    }

    public function test_a_clean_number_looks_like_nothing_else_and_three_guesses_are_too_many(): void
    {
        $keys = static fn (string $typed): array => array_column((new LookAlikes())->of($typed), 0);
        self::assertNotContains('6204', $keys('6204'));
        self::assertNotContains('6301', $keys('G3OI'), 'three signs guessed say too little');
        self::assertSame([], $keys(''));
    }

    /** @return iterable<string, array{string, list<string>}> tail, signs */
    public static function tails(): iterable
    {
        yield 'run together' => ['2RSC3', ['2RS', 'C3']];
        yield 'the longest first' => ['2RS1', ['2RS1']];
        yield 'groove and ring' => ['ZZNR', ['ZZ', 'NR']];
        yield 'unknown kept whole' => ['QQX7', ['QQX7']];
        yield 'known before unknown' => ['DDUCM', ['DDU', 'CM']];
        yield 'one letter alone' => ['Z', ['Z']];
        yield 'one letter before a known sign' => ['ZC3', ['Z', 'C3']];
        yield 'one letter before nonsense is no sign' => ['ZQQ', ['ZQQ']];
        yield 'nothing' => [' - / ', []];
    }

    /** @param  list<string>  $signs */
    #[DataProvider('tails')]
    public function test_signs_behind_a_number(string $tail, array $signs): void
    {
        self::assertSame($signs, array_column((new Suffixes())->read($tail), 'sign'));
    }

    public function test_a_sign_with_a_digit_for_a_letter_is_mended_and_said(): void
    {
        [$signs, $guess] = (new Suffixes())->mended('2R5');
        self::assertSame([['2RS'], '5 as S'], [array_column($signs, 'sign'), English::of($guess)]);
        [$signs, $guess] = (new Suffixes())->mended('QQQ');
        self::assertSame([['QQQ'], null], [array_column($signs, 'sign'), $guess]);
        self::assertSame('5 as S', English::of((new DesignationReader())->read('6205 2R5')->guessed));
    }

    /** @return iterable<string, array{string, list<string>}> typed, numbers in the order in which they are offered */
    public static function ranked(): iterable
    {
        yield 'run together, the common one first' => ['63002RS', ['6300 2RS', '63002 RS']];
        yield 'parted, what the space says' => ['6300 2RS', ['6300 2RS', '63002 RS']];
        yield 'inch, the longer one first' => ['R22RS', ['R22 RS', 'R2 2RS']];
        yield 'inch bore before a strange suffix' => ['6203-10', ['6203-10', '6203 10']];
        yield 'a torn digit belongs to the sign' => ['6220 2RS', ['6220 2RS', '62202 RS']];
    }

    /** @param  list<string>  $numbers */
    #[DataProvider('ranked')]
    public function test_several_readings_are_ranked(string $typed, array $numbers): void
    {
        $read = array_map(static fn (Designation $d): string => $d->written(), (new DesignationReader())->readings($typed));
        self::assertSame($numbers, array_slice($read, 0, count($numbers)));
    }

    public function test_other_ways_to_write_a_number_lead_to_the_same_row(): void
    {
        $index = NumberIndex::make();
        foreach (
            [
                '61804' => '6804',
                '61900' => '6900',
                '61701' => '6701',
                '7904' => '71904',
                '618/8' => '688',
                '34640037' => 'DAC34640037',
                'LM11910' => 'LM11949/LM11910',
            ] as $spelling => $number
        ) {
            self::assertSame($number, $index[$spelling][0] ?? null, (string) $spelling);
        }
        self::assertSame('cup', $index['LM11910'][1]);
        self::assertSame('cone', $index['L44643'][1]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function counter(): iterable
    {
        yield 'sealed' => ['6204 DDU C3', '6204, contact seal on both sides, clearance C3, 20 × 47 × 14 mm'];
        yield 'open' => ['6204', '6204, open, 20 × 47 × 14 mm'];
        yield 'taper' => ['30204', '30204, cone and cup, 20 × 47 × 15.25 mm'];
        yield 'hub unit' => ['DAC34640037', 'DAC34640037, 34 × 64 × 37 mm'];
        yield 'stainless, no cage' => [
            'SS6902 2RSV',
            '6902, contact seal on both sides, no cage, full of balls, stainless, 15 × 28 × 7 mm',
        ];
    }

    #[DataProvider('counter')]
    public function test_the_words_of_a_counter(string $typed, string $words): void
    {
        self::assertSame($words, English::of(CounterWords::of((new DesignationReader())->read($typed))));
    }
}
