<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Catalogue;

use CleanRace\Core\Catalogue\BearingTable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Sizes typed independently, from printed tables. */
final class BearingSizesTest extends TestCase
{
    /** @return iterable<string, array{string, float, float, float}> */
    public static function known(): iterable
    {
        yield '608' => ['608', 8, 22, 7];
        yield '6000' => ['6000', 10, 26, 8];
        yield '6001' => ['6001', 12, 28, 8];
        yield '6002' => ['6002', 15, 32, 9];
        yield '6003' => ['6003', 17, 35, 10];
        yield '6004' => ['6004', 20, 42, 12];
        yield '6005' => ['6005', 25, 47, 12];
        yield '6006' => ['6006', 30, 55, 13];
        yield '6012' => ['6012', 60, 95, 18];
        yield '6200' => ['6200', 10, 30, 9];
        yield '6201' => ['6201', 12, 32, 10];
        yield '6202' => ['6202', 15, 35, 11];
        yield '6203' => ['6203', 17, 40, 12];
        yield '6204' => ['6204', 20, 47, 14];
        yield '6205' => ['6205', 25, 52, 15];
        yield '6206' => ['6206', 30, 62, 16];
        yield '6212' => ['6212', 60, 110, 22];
        yield '62/22' => ['62/22', 22, 50, 14];
        yield '6300' => ['6300', 10, 35, 11];
        yield '6301' => ['6301', 12, 37, 12];
        yield '6302' => ['6302', 15, 42, 13];
        yield '6303' => ['6303', 17, 47, 14];
        yield '6305' => ['6305', 25, 62, 17];
        yield '63/28' => ['63/28', 28, 68, 18];
        yield '6312' => ['6312', 60, 130, 31];
        yield '6802' => ['6802', 15, 24, 5];
        yield '6805' => ['6805', 25, 37, 7];
        yield '6902' => ['6902', 15, 28, 7];
        yield '6903' => ['6903', 17, 30, 7];
        yield '6908' => ['6908', 40, 62, 12];
        yield '6702' => ['6702', 15, 21, 4];
        yield '6808' => ['6808', 40, 52, 7];
        yield '6407' => ['6407', 35, 100, 25];
        yield '16005' => ['16005', 25, 47, 8];
        yield '62205' => ['62205', 25, 52, 18];
        yield '62304' => ['62304', 20, 52, 21];
        yield '63004' => ['63004', 20, 42, 16];
        yield '63802' => ['63802', 15, 24, 7];
        yield '4205' => ['4205', 25, 52, 18];
        yield '4306' => ['4306', 30, 72, 27];
        yield '3204' => ['3204', 20, 47, 20.6];
        yield '3306' => ['3306', 30, 72, 30.2];
        yield '5205' => ['5205', 25, 52, 20.6];
        yield '3803' => ['3803', 17, 26, 7];
        yield '7205' => ['7205', 25, 52, 15];
        yield '71904' => ['71904', 20, 37, 9];
        yield '30204' => ['30204', 20, 47, 15.25];
        yield '30306' => ['30306', 30, 72, 20.75];
        yield '32005' => ['32005', 25, 47, 15];
        yield '32206' => ['32206', 30, 62, 21.25];
        yield '33205' => ['33205', 25, 52, 22];
        yield 'L44643/L44610' => ['L44643/L44610', 25.4, 50.292, 14.224];
        yield 'LM11949/LM11910' => ['LM11949/LM11910', 19.05, 45.237, 15.494];
        yield 'LM67048/LM67010' => ['LM67048/LM67010', 31.75, 59.131, 15.875];
        yield 'LM48548/LM48510' => ['LM48548/LM48510', 34.925, 65.088, 18.034];
        yield '25580/25520' => ['25580/25520', 44.45, 82.931, 23.812];
        yield 'RLS6' => ['RLS6', 19.05, 47.625, 14.2875];
        yield 'RMS8' => ['RMS8', 25.4, 63.5, 19.05];
        yield '99502' => ['99502', 15.875, 34.925, 11.1125];
        yield '3/4 x 1 3/8 x 7/16 flanged' => ['3/4X1-3/8X7/16', 19.05, 34.925, 11.1125];
        yield '5/8 x 1 3/8 x 7/16 flanged' => ['5/8X1-3/8X7/16', 15.875, 34.925, 11.1125];
        yield '6203-10' => ['6203-10', 15.875, 40, 12];
        yield 'DAC34640037' => ['DAC34640037', 34, 64, 37];
        yield 'UC205' => ['UC205', 25, 52, 34.1];
        yield 'R188' => ['R188', 6.35, 12.7, 3.175];
        yield 'F608' => ['F608', 8, 22, 7];
        yield 'MR126' => ['MR126', 6, 12, 3];
        yield 'R8 open' => ['R8', 12.7, 28.575, 6.35];
        yield 'R12 open' => ['R12', 19.05, 41.275, 7.9375];
        yield '1616' => ['1616', 12.7, 28.575, 9.525];
        yield '1623' => ['1623', 15.875, 34.925, 11.1125];
        yield '1641' => ['1641', 25.4, 50.8, 14.2875];
    }

    #[DataProvider('known')]
    public function test_sizes_typed_independently(string $number, float $bore, float $outside, float $width): void
    {
        $size = (new BearingTable())->find($number);
        self::assertNotNull($size);
        self::assertEqualsWithDelta([$bore, $outside, $width], [$size->bore->mm, $size->outside->mm, $size->openWidth->mm], 1e-3);
    }
}
