<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/** What a machine's meter shows: kilometres, miles or hours. */
final readonly class Meter
{
    private const UNITS = [
        'km' => 'km',
        'kilometre' => 'km',
        'kilometer' => 'km',
        'mi' => 'mi',
        'mile' => 'mi',
        'h' => 'h',
        'hr' => 'h',
        'hour' => 'h',
    ];

    private const MOST = 2_000_000.0;

    private function __construct(public float $amount, public string $unit)
    {
    }

    /** @throws InvalidInput when it is not one reading with its unit */
    public static function read(string $typed): self
    {
        if (
            preg_match('/^\s*(\d[\d\s\'.,]*)\s*([a-z]+?)s?\.?\s*$/iu', $typed, $found) !== 1 ||
            ! isset(self::UNITS[mb_strtolower($found[2])])
        ) {
            throw new InvalidInput(
                sprintf(
                    '"%s" is not a meter reading. Write it with its unit, such as 12 000 km, 7800 mi or 320 h.',
                    mb_substr($typed, 0, 40),
                ),
            );
        }
        // Groups of three are thousands, whatever stands between them; else the last sign is a decimal one.
        $digits = (string) preg_replace('/[\s\']/u', '', trim($found[1]));
        $digits =
            preg_match('/^\d{1,3}([.,]\d{3})+$/', $digits) === 1
                ? str_replace(['.', ','], '', $digits)
                : str_replace(',', '.', $digits);
        if (! is_numeric($digits) || (float) $digits > self::MOST) {
            throw new InvalidInput('That is more than any meter shows. Check the number.');
        }

        return new self((float) $digits, self::UNITS[mb_strtolower($found[2])]);
    }

    /** As people read it: number and unit. */
    public function text(): string
    {
        return number_format($this->amount, fmod($this->amount, 1.0) > 0 ? 1 : 0, '.', ' ').' '.$this->unit;
    }
}
