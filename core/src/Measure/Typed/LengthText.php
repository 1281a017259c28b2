<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure\Typed;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;

/**
 * Reads a length as people type it at the bench: `25.4`, `25,4`, `1 in`, `1 1/16"`, `27/64`, `0.003in`, `12 thou`.
 * A bare number is in the person's own unit; a bare fraction is inches.
 */
final readonly class LengthText
{
    private const MM_PER_INCH = 25.4;

    private const UNITS = [
        'mm' => 1.0,
        'millimetre' => 1.0,
        'millimetres' => 1.0,
        'millimeter' => 1.0,
        'millimeters' => 1.0,
        'cm' => 10.0,
        'centimetre' => 10.0,
        'centimetres' => 10.0,
        'm' => 1000.0,
        'metre' => 1000.0,
        'metres' => 1000.0,
        'meter' => 1000.0,
        'meters' => 1000.0,
        'in' => self::MM_PER_INCH,
        '"' => self::MM_PER_INCH,
        'inch' => self::MM_PER_INCH,
        'inches' => self::MM_PER_INCH,
        'thou' => self::MM_PER_INCH / 1000,
    ];

    /** Signs that keyboards and telephones put in place of the plain ones. */
    private const SPELLINGS = [
        '″' => '"',
        '”' => '"',
        '“' => '"',
        "''" => '"',
        '−' => '-',
        '–' => '-',
        '⁄' => '/',
        "\u{00A0}" => ' ',
        '¼' => ' 1/4',
        '½' => ' 1/2',
        '¾' => ' 3/4',
        '⅛' => ' 1/8',
        '⅜' => ' 3/8',
        '⅝' => ' 5/8',
        '⅞' => ' 7/8',
    ];

    /** @param  string  $unit what a bare number is in: `mm` or `in` */
    public function __construct(private string $unit = 'mm')
    {
    }

    /** @throws InvalidInput when the text is not one length, is longer than two metres, or can be read two ways */
    public function read(string $typed): Length
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', strtr(mb_strtolower($typed), self::SPELLINGS)));
        if ($text === '') {
            throw InvalidInput::empty();
        }
        if (preg_match('~^([+-]?)\s*([\d.,/ ]*(?:\d-\d+/\d+)?[\d.,/ ]*?)\s*([^\d.,/]*)\.?$~u', $text, $found) !== 1) {
            throw $this->fault($text);
        }
        [, $sign, $number, $unit] = $found;
        if (trim($number) === '') {
            throw InvalidInput::notALength($typed);
        }
        $unit = trim($unit);
        $isFraction = str_contains($number, '/');
        $value = $isFraction ? $this->fraction(trim($number)) : $this->decimal(trim($number));
        $mm = $value * $this->factor($unit, $isFraction ? 'in' : $this->unit);

        return Length::mm($sign === '-' ? -$mm : $mm);
    }

    private function fault(string $text): InvalidInput
    {
        return preg_match_all('/\d+(?:[.,]\d+)?/', $text) > 1 && ! str_contains($text, '/')
            ? InvalidInput::twoNumbers($text)
            : InvalidInput::notALength($text);
    }

    private function factor(string $unit, string $otherwise): float
    {
        if ($unit === 'mil' || $unit === 'mils') {
            throw InvalidInput::mil();
        }

        return self::UNITS[$unit === '' ? $otherwise : $unit] ?? throw InvalidInput::wrongUnit($unit);
    }

    private function decimal(string $text): float
    {
        if (str_contains($text, ' ')) {
            throw InvalidInput::twoNumbers($text);
        }
        if (preg_match('/^[1-9]\d{0,2},\d{3}$/', $text) === 1) {
            throw InvalidInput::thousandsOrDecimals($text);
        }
        if (preg_match('/^(\d+[.,]?\d*|[.,]\d+)$/', $text) !== 1) {
            throw InvalidInput::notALength($text);
        }

        return (float) str_replace(',', '.', $text);
    }

    private function fraction(string $text): float
    {
        if (preg_match('~^(?:(\d{1,4})[ -])?(\d{1,4}) ?/ ?(\d{1,4})$~', $text, $found) !== 1) {
            throw InvalidInput::badFraction($text);
        }
        [, $whole, $top, $bottom] = $found;
        if ((int) $bottom === 0 || ($whole !== '' && (int) $top >= (int) $bottom)) {
            throw InvalidInput::badFraction($text);
        }

        return (int) $whole + (int) $top / (int) $bottom;
    }
}
