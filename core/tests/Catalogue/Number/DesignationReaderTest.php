<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Catalogue\Number;

use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Catalogue\Number\Sign;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Sizing\Bearing\BearingNumber;
use CleanRace\Core\Sizing\Bearing\BearingNumberInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DesignationReaderTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, ?float}> typed, number, kind, bore */
    public static function numbers(): iterable
    {
        yield 'plain' => ['6204', '6204', 'deep_groove', 20];
        yield 'lower case' => ['6204rs', '6204', 'deep_groove', 20];
        yield 'spaces' => [' 62 04 ', '6204', 'deep_groove', 20];
        yield 'dash' => ['6204-2RS', '6204', 'deep_groove', 20];
        yield 'point' => ['6204.2RS', '6204', 'deep_groove', 20];
        yield 'stroke before the suffix' => ['6204/2RS', '6204', 'deep_groove', 20];
        yield 'suffix run on' => ['62042RS', '6204', 'deep_groove', 20];
        yield 'suffix run on, three digits' => ['6082RS', '608', 'deep_groove', 8];
        yield 'five digits metric' => ['16004', '16004', 'deep_groove', 20];
        yield 'four digits inch' => ['1604', '1604', 'deep_groove', 9.525];
        yield 'four digits double row' => ['3204', '3204', 'double_row_angular', 20];
        yield 'five digits taper' => ['32004', '32004', 'taper', 20];
        yield 'taper' => ['30204', '30204', 'taper', 20];
        yield '623 alone is bore 3' => ['623', '623', 'deep_groove', 3];
        yield '628 alone is bore 8' => ['628', '628', 'deep_groove', 8];
        yield '638 alone is bore 8' => ['638', '638', 'deep_groove', 8];
        yield '623 with two digits is wide' => ['62305', '62305', 'deep_groove', 25];
        yield 'literal bore' => ['62/22', '62/22', 'deep_groove', 22];
        yield 'literal bore with seals' => ['63/28 2RS', '63/28', 'deep_groove', 28];
        yield 'bore code 22 is 110' => ['6222', '6222', 'deep_groove', 110];
        yield 'three-digit spelling of a thin series' => ['61804', '6804', 'deep_groove', 20];
        yield 'three-digit spelling with suffix' => ['61900-2RS1', '6900', 'deep_groove', 10];
        yield 'inch R' => ['R8', 'R8', 'deep_groove', 12.7];
        yield 'inch R with a letter' => ['R4A 2RS', 'R4A', 'deep_groove', 6.35];
        yield 'prefix' => ['SS6204 2RS', '6204', 'deep_groove', 20];
        yield 'angular contact' => ['7204', '7204', 'angular_contact', 20];
        yield 'sizes spelled out' => ['18307', '18307', 'deep_groove', 18];
        yield 'miniature' => ['MR105', 'MR105', 'deep_groove', 5];
        yield 'letter for a nought' => ['62O4', '6204', 'deep_groove', 20];
        yield 'code 00' => ['6000', '6000', 'deep_groove', 10];
        yield 'code 03' => ['6303', '6303', 'deep_groove', 17];
    }

    #[DataProvider('numbers')]
    public function test_reads_the_number(string $typed, string $number, string $kind, ?float $bore): void
    {
        $read = (new DesignationReader())->read($typed);
        self::assertSame([$number, $kind], [$read->number, $read->kind->value]);
        self::assertEqualsWithDelta($bore, $read->boreMm, 1e-6);
    }

    /** @return iterable<string, array{string, ?int, string, list<string>}> typed, seals, clearance, signs */
    public static function suffixes(): iterable
    {
        yield 'open' => ['6204', 0, 'CN', []];
        yield 'two seals' => ['6204 2RS', 2, 'CN', ['2RS']];
        yield 'two seals, C3 run on' => ['6204-2RSC3', 2, 'C3', ['2RS', 'C3']];
        yield 'makers spell it otherwise' => ['6204 DDU', 2, 'CN', ['DDU']];
        yield 'and otherwise' => ['6204 LLU/C3', 2, 'C3', ['LLU', 'C3']];
        yield 'shields are no seals' => ['6204 ZZ', 0, 'CN', ['ZZ']];
        yield 'one seal' => ['6204 RS1', 1, 'CN', ['RS1']];
        yield 'unclear' => ['6204 RS', null, 'CN', ['RS']];
        yield 'unknown signs are kept' => ['6203DDUCM', 2, 'CN', ['DDU', 'CM']];
        yield 'C0 is normal' => ['6204 2RS C0', 2, 'CN', ['2RS', 'C0']];
        yield 'ring groove' => ['6204 NR', 0, 'CN', ['NR']];
        yield 'stainless before' => ['SS6204 2RS', 2, 'CN', ['SS', '2RS']];
    }

    /** @param  list<string>  $signs */
    #[DataProvider('suffixes')]
    public function test_reads_the_signs_behind_it(string $typed, ?int $seals, string $clearance, array $signs): void
    {
        $read = (new DesignationReader())->read($typed);
        self::assertSame($seals, $read->seals());
        self::assertSame($clearance, $read->clearance());
        self::assertSame($signs, array_map(static fn (Sign $s): string => $s->sign, $read->signs));
    }

    public function test_every_spelling_in_the_table_is_found_behind_a_number(): void
    {
        foreach (Table::rows('suffixes') as $row) {
            $number = $row['family'] === 'angle' ? '7204 ' : '6204 ';
            $read = (new DesignationReader())->read($number.$row['spelling']);
            self::assertSame($row['spelling'], $read->signs[0]->sign);
            self::assertSame($row['family'], $read->signs[0]->family);
        }
    }

    public function test_a_closed_bearing_is_as_wide_as_its_seals_make_it(): void
    {
        $reader = new DesignationReader();
        self::assertTrue($reader->read('R12 ZZ')->isClosed());
        self::assertTrue($reader->read('R12 2RS')->isClosed());
        self::assertTrue($reader->read('R12 RS')->isClosed(), 'unclear, but something closes it');
        self::assertFalse($reader->read('R12')->isClosed());
    }

    public function test_what_was_guessed_is_said(): void
    {
        self::assertSame('O as 0', English::of((new DesignationReader())->read('62O4')->guessed));
        self::assertNull((new DesignationReader())->read('6204')->guessed);
    }

    public function test_sizes_spelled_out_are_shown_as_read(): void
    {
        self::assertStringContainsString('18 × 30 × 7', English::of((new DesignationReader())->read('18307')->reading));
        self::assertStringContainsString('outside 10, bore 5', English::of((new DesignationReader())->read('MR105')->reading));
    }

    /** @return iterable<string, array{string, string}> */
    public static function unreadable(): iterable
    {
        yield 'empty' => ['', 'Nothing is typed'];
        yield 'words' => ['hello', 'no bearing number'];
        yield 'no such bore' => ['6299', 'no bore code 99'];
        yield 'too long' => [str_repeat('6204', 20), 'longer than anything'];
        yield 'letters for digits' => ['ABCD', 'no bearing number'];
        yield 'one digit' => ['6', 'no bearing number'];
        yield 'an inch R that is not' => ['R99', 'no bearing number'];
        yield 'outside below bore' => ['MR510', 'no bearing number'];
        yield 'sign of another script' => ['６２０４', 'no bearing number'];
    }

    #[DataProvider('unreadable')]
    public function test_says_when_there_is_nothing_to_read(string $typed, string $words): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage($words);
        (new DesignationReader())->read($typed);
    }

    public function test_a_number_behind_a_whole_number_is_another_bore(): void
    {
        $reader = new DesignationReader();
        foreach (['6202/16' => 16.0, '6203-5/8' => 15.875, '6001/13' => 13.0, '608/6' => 6.0, '6202-16' => 16.0] as $typed => $bore) {
            $read = $reader->read((string) $typed);
            self::assertSame($bore, $read->boreMm, (string) $typed);
            self::assertSame($bore, $read->size?->bore->mm);
            $verdict = (new BearingNumber(Limits::standard()))->work(new BearingNumberInput((string) $typed))->verdict;
            self::assertSame(['number.other_bore', Level::Care], [$verdict->headline->key, $verdict->level], (string) $typed);
        }
        self::assertSame(15.0, $reader->read('6202 2RS')->boreMm);
        self::assertSame(28.0, $reader->read('63/28')->boreMm, 'a literal bore is the number\'s own');
        self::assertSame(15.0, $reader->read('6202/90')->boreMm, 'no bore at all');
    }

    public function test_signs_say_what_they_say_behind_that_number(): void
    {
        $families = static fn (string $typed): array => array_column((new DesignationReader())->read($typed)->signs, 'family');
        self::assertSame(['stainless'], $families('S6204'));
        self::assertSame(['angle'], $families('7205B'));
        self::assertSame(['unknown'], $families('6205B'), 'a deep-groove bearing has no contact angle to name');
    }

    public function test_sizes_made_in_two_widths_say_both(): void
    {
        $why = static fn (string $typed): array => array_map(
            static fn (Message $m): string => $m->inEnglish(),
            (new BearingNumber(Limits::standard()))->work(new BearingNumberInput($typed))->verdict->why,
        );
        self::assertContains('Made in two widths: 4.00 mm open, 5.00 mm with seals or shields.', $why('688'));
        self::assertContains('Made in two widths: 4.00 mm open, 5.00 mm with seals or shields.', $why('689 2RS'));
        self::assertContains(
            'Sold under this number with an outside of 34.93 mm and of 35.00 mm: measure the old one.',
            $why('99502H'),
            'two practices',
        );
        self::assertSame([], $why('6204'));
        self::assertSame(12.0, (new DesignationReader())->read('3810')->size?->openWidth->mm);
        // Of what may stand under the rust, the size that is seen most.
        self::assertSame('6300', (new DesignationReader())->read('630??')->number);
        // A bore behind a dash is of the number, though an O stands for a nought in it.
        self::assertSame('6004-12', (new DesignationReader())->read('6O04-12')->number);
        self::assertSame('6202-10', (new DesignationReader())->read('62O2-10')->number);
    }
}
