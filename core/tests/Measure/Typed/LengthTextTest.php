<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Measure\Typed;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Typed\LengthText;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LengthTextTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{string, float}> */
    public static function readable(): iterable
    {
        yield 'point' => ['25.4', 25.4];
        yield 'comma' => ['25,4', 25.4];
        yield 'no leading nought' => ['.75', 0.75];
        yield 'comma without leading nought' => [',75', 0.75];
        yield 'trailing point' => ['25.', 25.0];
        yield 'millimetres' => ['47 mm', 47.0];
        yield 'millimetres, no space' => ['47mm', 47.0];
        yield 'centimetres' => ['4.7 cm', 47.0];
        yield 'metres' => ['0.104 m', 104.0];
        yield 'inch' => ['1 in', 25.4];
        yield 'inch with a point' => ['1 in.', 25.4];
        yield 'inch mark' => ['1"', 25.4];
        yield 'curly inch mark' => ['1”', 25.4];
        yield 'thousandths' => ['12 thou', 0.3048];
        yield 'decimal inch' => ['0.003in', 0.0762];
        yield 'small comma decimal is no thousand' => ['0,250 in', 6.35];
        yield 'mixed fraction' => ['1 1/16"', 26.9875];
        yield 'mixed fraction with a dash' => ['1-1/16 in', 26.9875];
        yield 'plain fraction with unit' => ['27/64in', 10.715625];
        yield 'a bare fraction is inches' => ['27/64', 10.715625];
        yield 'a bare mixed fraction is inches' => ['1 5/8', 41.275];
        yield 'one sign for a half' => ['1½"', 38.1];
        yield 'five eighths as one sign' => ['⅝', 15.875];
        yield 'negative' => ['-0.05', -0.05];
        yield 'minus sign of a telephone' => ['−0.05', -0.05];
        yield 'plus' => ['+2', 2.0];
        yield 'spaces round it' => ["  14 \t", 14.0];
        yield 'capital letters' => ['1 IN', 25.4];
        yield 'four digits after the comma are decimals' => ['1,2500', 1.25];
        yield 'two metres' => ['2 m', 2000.0];
        yield 'nought' => ['0', 0.0];
    }

    #[DataProvider('readable')]
    public function test_reads_what_people_type(string $typed, float $mm): void
    {
        self::assertEqualsWithDelta($mm, (new LengthText())->read($typed)->mm, 1e-9);
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        yield 'empty' => ['', 'Nothing is typed'];
        yield 'blank' => ['   ', 'Nothing is typed'];
        yield 'letters' => ['abc', 'is not a length'];
        yield 'two numbers' => ['3 4', 'more than one number'];
        yield 'two numbers with units' => ['25.4 mm 3', 'more than one number'];
        yield 'two points' => ['1.5.2', 'is not a length'];
        yield 'weight' => ['1.5 kg', 'is not a unit of length'];
        yield 'feet' => ["5'", 'is not a unit of length'];
        yield 'degrees' => ['20 °C', 'is not a unit of length'];
        yield 'mil is asked' => ['5 mil', 'Write thou or mm'];
        yield 'thousands or decimals is asked' => ['1,250', 'Write 1.250 or 1250'];
        yield 'nine metres' => ['9 m', 'more than 2 metres'];
        yield 'nine metres in words' => ['9 metres', 'more than 2 metres'];
        yield 'minus nine metres' => ['-9 m', 'more than 2 metres'];
        yield 'nought below the line' => ['3/0', 'not a fraction'];
        yield 'improper mixed fraction' => ['1 17/16', 'not a fraction'];
        yield 'two strokes' => ['1/2/3', 'not a fraction'];
        yield 'decimal fraction' => ['1.5/16', 'not a fraction'];
        yield 'only a sign' => ['-', 'is not a length'];
        yield 'two signs' => ['--3', 'is not a length'];
        yield 'only a unit' => ['mm', 'is not a length'];
        yield 'exponent' => ['1e3', 'more than one number'];
        yield 'full-width digits' => ['１２', 'is not a length'];
        yield 'markup' => ['<b>3</b>', 'is not a length'];
    }

    #[DataProvider('unreadable')]
    public function test_says_what_is_wrong(string $typed, string $words): void
    {
        try {
            (new LengthText())->read($typed);
            self::fail("$typed was read.");
        } catch (InvalidInput $invalid) {
            self::assertStringContainsString($words, $invalid->getMessage());
        }
    }

    public function test_a_bare_number_is_in_the_persons_unit_but_a_named_unit_wins(): void
    {
        $inches = new LengthText('in');
        self::assertEqualsWithDelta(25.4, $inches->read('1')->mm, 1e-9);
        self::assertEqualsWithDelta(1.0, $inches->read('1 mm')->mm, 1e-9);
        self::assertEqualsWithDelta(12.7, $inches->read('1/2')->mm, 1e-9);
    }

    public function test_what_is_read_comes_back_whatever_the_spelling(): void
    {
        $this->limitTo(200)
            ->forAll(Generators::choose(1, 199_999))
            ->then(static function (int $hundredths): void {
                $number = sprintf('%d.%02d', intdiv($hundredths, 100), $hundredths % 100);
                $text = new LengthText();
                foreach ([$number, str_replace('.', ',', $number), "$number mm", " $number  MM "] as $typed) {
                    self::assertEqualsWithDelta($hundredths / 100, $text->read($typed)->mm, 1e-9, $typed);
                }
            });
    }

    public function test_every_sixty_fourth_of_an_inch_is_read_exactly(): void
    {
        for ($count = 1; $count < 128; $count++) {
            $whole = intdiv($count, 64);
            $typed = trim(($whole > 0 ? "$whole " : '').($count % 64 > 0 ? $count % 64 .'/64' : '')).' in';
            self::assertEqualsWithDelta(($count * 25.4) / 64, (new LengthText())->read($typed)->mm, 1e-9, $typed);
        }
    }

    public function test_a_length_refuses_what_cannot_be_measured(): void
    {
        foreach ([NAN, INF, -INF, 2000.01] as $mm) {
            try {
                Length::mm($mm);
                self::fail((string) $mm);
            } catch (InvalidInput $invalid) {
                self::assertNotSame('', $invalid->getMessage());
            }
        }
    }

    public function test_every_spelling_of_a_unit_is_that_unit(): void
    {
        $spellings = [
            1 => ['mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters'],
            10 => ['cm', 'centimetre', 'centimetres'],
            1000 => ['m', 'metre', 'metres', 'meter', 'meters'],
        ];
        foreach ($spellings as $mm => $units) {
            foreach ($units as $unit) {
                self::assertEqualsWithDelta(1.5 * $mm, (new LengthText())->read("1.5 $unit")->mm, 1e-9, $unit);
            }
        }
        foreach (['in', '"', 'inch', 'inches'] as $unit) {
            self::assertEqualsWithDelta(38.1, (new LengthText())->read("1.5 $unit")->mm, 1e-9, $unit);
        }
        self::assertEqualsWithDelta(0.0381, (new LengthText())->read('1.5 thou')->mm, 1e-12);
        foreach (['2 mil', '2 mils'] as $typed) {
            try {
                (new LengthText())->read($typed);
                self::fail("$typed is a thousandth of an inch or a millimetre: it is asked");
            } catch (InvalidInput $invalid) {
                self::assertStringContainsString('thou', $invalid->getMessage());
            }
        }
    }

    public function test_a_fraction_of_more_than_one_stands_alone_only(): void
    {
        self::assertEqualsWithDelta(1.125 * 25.4, (new LengthText())->read('9/8 in')->mm, 1e-9);
        self::assertEqualsWithDelta(25.4, (new LengthText())->read('8/8')->mm, 1e-9);
        foreach (['1 8/8', '1 9/8 in', '1 0/0'] as $typed) {
            try {
                (new LengthText())->read($typed);
                self::fail($typed);
            } catch (InvalidInput $refused) {
                self::assertNotSame('', $refused->getMessage());
            }
        }
    }
}
