<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue\Number;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\BearingKind;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;

/**
 * Numbers that the table does not hold, by the rules they are made by: series and bore code, or the sizes spelled out.
 * The count of digits decides between families that share their first digits.
 */
final readonly class NumberRules
{
    private const SERIES = [
        '60' => BearingKind::DeepGroove,
        '62' => BearingKind::DeepGroove,
        '63' => BearingKind::DeepGroove,
        '64' => BearingKind::DeepGroove,
        '67' => BearingKind::DeepGroove,
        '68' => BearingKind::DeepGroove,
        '69' => BearingKind::DeepGroove,
        '160' => BearingKind::DeepGroove,
        '161' => BearingKind::DeepGroove,
        '617' => BearingKind::DeepGroove,
        '618' => BearingKind::DeepGroove,
        '619' => BearingKind::DeepGroove,
        '622' => BearingKind::DeepGroove,
        '623' => BearingKind::DeepGroove,
        '630' => BearingKind::DeepGroove,
        '638' => BearingKind::DeepGroove,
        '42' => BearingKind::DoubleRow,
        '43' => BearingKind::DoubleRow,
        '32' => BearingKind::DoubleRowAngular,
        '33' => BearingKind::DoubleRowAngular,
        '52' => BearingKind::DoubleRowAngular,
        '53' => BearingKind::DoubleRowAngular,
        '38' => BearingKind::DoubleRowAngular,
        '12' => BearingKind::SelfAligning,
        '13' => BearingKind::SelfAligning,
        '22' => BearingKind::SelfAligning,
        '23' => BearingKind::SelfAligning,
        '70' => BearingKind::AngularContact,
        '72' => BearingKind::AngularContact,
        '73' => BearingKind::AngularContact,
        '79' => BearingKind::AngularContact,
        '718' => BearingKind::AngularContact,
        '719' => BearingKind::AngularContact,
        '302' => BearingKind::Taper,
        '303' => BearingKind::Taper,
        '313' => BearingKind::Taper,
        '320' => BearingKind::Taper,
        '322' => BearingKind::Taper,
        '323' => BearingKind::Taper,
        '329' => BearingKind::Taper,
        '330' => BearingKind::Taper,
        '331' => BearingKind::Taper,
        '332' => BearingKind::Taper,
    ];

    private const FIRST_BORES = ['00' => 10, '01' => 12, '02' => 15, '03' => 17];

    /** Highest bore code read as such: ×5 is 160 mm, far beyond any wheel here. */
    private const LAST_CODE = 32;

    /** A series and bore code, or null: number, kind, bore in mm. */
    public static function coded(string $number): ?Designation
    {
        if (preg_match('~^(\d{2,3})/(22|28|32)$~', $number, $literal) === 1) {
            return self::unlisted($number, $literal[1], (float) $literal[2]);
        }
        [$series, $code] = match (strlen($number)) {
            5 => [substr($number, 0, 3), substr($number, 3)],
            4 => [substr($number, 0, 2), substr($number, 2)],
            3 => [substr($number, 0, 2), substr($number, 2)],
            default => ['', ''],
        };
        if ($code === '' || ! ctype_digit($number) || (strlen($code) === 2 && (int) $code > self::LAST_CODE) || $code === '0') {
            return null;
        }

        return self::unlisted(
            $number,
            $series,
            strlen($code) === 1 ? (float) $code : (float) (self::FIRST_BORES[$code] ?? (int) $code * 5),
        );
    }

    /** Sizes written in the number itself: 18307, MR105, DAC34640037. */
    public static function spelledOut(string $number): ?Designation
    {
        return match (true) {
            preg_match('/^(\d{2})(\d{2})(\d)$/', $number, $m) === 1 &&
                (int) $m[2] > (int) $m[1] + 3 &&
                (int) $m[2] <= 3 * (int) $m[1] &&
                (int) $m[3] >= 4 => self::sized($number, BearingKind::DeepGroove, (float) $m[1], (float) $m[2], (float) $m[3]),
            preg_match('/^(?:DAC)?(\d{2})(\d{2})00(\d{2})$/', $number, $m) === 1 &&
                (int) $m[2] > (int) $m[1] + 10 &&
                (int) $m[3] >= 10 => self::sized(
                    'DAC'.substr($number, -8),
                    BearingKind::HubUnit,
                    (float) $m[1],
                    (float) $m[2],
                    (float) $m[3],
                ),
            preg_match('/^M[RF](\d{2,4})$/', $number, $m) === 1 => self::miniature($number, $m[1]),
            default => null,
        };
    }

    /** How the number of a size in the table is put together. */
    public static function reading(Bearing $size): Message
    {
        return match (true) {
            $size->series === 'MR', $size->series === 'MF' => self::miniatureStyle($size->outside, $size->bore),
            $size->series === 'DAC', $size->series === 'wheel' && $size->system === 'metric' => self::bySizes($size),
            $size->series === 'R', $size->series === 'FR' => Message::plain('inch number'),
            $size->series === 'RLS', $size->series === 'RMS' => Message::plain('inch number, bore in eighths'),
            $size->series === 'inch_bore' => Message::plain('metric outside, inch bore in sixteenths'),
            $size->series === 'inch_taper' => Message::plain('inch cone and cup'),
            $size->system === 'inch' => Message::plain('inch number'),
            default => self::ofSeries($size->series),
        };
    }

    private static function unlisted(string $number, string $series, float $bore): ?Designation
    {
        $kind = self::SERIES[$series] ?? null;

        return $kind === null ? null : new Designation($number, null, $bore, $kind, [], null, self::ofSeries($series));
    }

    private static function sized(string $number, BearingKind $kind, float $bore, float $outside, float $width): Designation
    {
        $size = new Bearing(
            $number,
            'wheel',
            $kind,
            'metric',
            Length::mm($bore),
            Length::mm($outside),
            Length::mm($width),
            Length::mm($width),
            null,
            0,
        );

        return new Designation($number, $size, $bore, $kind, [], null, self::bySizes($size));
    }

    /** Outside then bore. */
    private static function miniature(string $number, string $digits): ?Designation
    {
        $split = strlen($digits) === 2 ? 1 : 2;
        [$outside, $bore] = [(int) substr($digits, 0, $split), (int) substr($digits, $split)];

        return $bore < 1 || $outside <= $bore
            ? null
            : new Designation(
                $number,
                null,
                (float) $bore,
                BearingKind::DeepGroove,
                [],
                null,
                self::miniatureStyle(Length::mm($outside), Length::mm($bore)),
            );
    }

    private static function ofSeries(string $series): Message
    {
        return Message::of('number.series', 'series {series}', ['series' => Written::of($series)]);
    }

    private static function bySizes(Bearing $size): Message
    {
        return Message::of('number.spelled', 'sizes spelled out: {sizes}', ['sizes' => Written::of($size->sizes())]);
    }

    private static function miniatureStyle(Length $outside, Length $bore): Message
    {
        return Message::of('number.miniature', 'miniature style: outside {outside}, bore {bore} mm', [
            'outside' => Written::of(sprintf('%g', $outside->mm)),
            'bore' => Written::of(sprintf('%g', $bore->mm)),
        ]);
    }
}
