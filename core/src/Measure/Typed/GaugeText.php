<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure\Typed;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Pressure;
use CleanRace\Core\Measure\Torque;

/**
 * Reads what a gauge, a load cell or a torque wrench shows while a ring goes in: `35 bar`, `500 psi`, `2.4 kN`, `250 kgf`,
 * `6 Nm`. The unit says which of them it was, so it must be there.
 */
final readonly class GaugeText
{
    private const FORCES = [
        'n' => 1.0,
        'kn' => 1000.0,
        'kgf' => 9.80665,
        'kg' => 9.80665,
        'kp' => 9.80665,
        'lbf' => 4.4482216,
        'lb' => 4.4482216,
        't' => 9806.65,
    ];

    private const PRESSURES = ['bar' => 0.1, 'mpa' => 1.0, 'psi' => 0.006894757];

    /** @throws InvalidInput when it is not one of these */
    public function read(string $typed): Force|Pressure|Torque
    {
        if (preg_match('/^\s*(\d+(?:[.,]\d+)?)\s*([a-zµ·.\-\s]*)$/iu', $typed, $found) !== 1) {
            throw new InvalidInput(
                sprintf(
                    '"%s" is not what a gauge shows. Type a number and its unit, such as 35 bar, 2.4 kN or 6 Nm.',
                    mb_substr(trim($typed), 0, 40),
                ),
            );
        }
        $number = (float) str_replace(',', '.', $found[1]);
        $unit = (string) preg_replace('/[^a-z]/', '', mb_strtolower($found[2]));

        return match (true) {
            $unit === '' => throw new InvalidInput('Which unit does the gauge show? Write it behind the number: 35 bar, 2.4 kN, 6 Nm.'),
            isset(self::PRESSURES[$unit]) => Pressure::megapascals($number * self::PRESSURES[$unit]),
            isset(self::FORCES[$unit]) => Force::newtons($number * self::FORCES[$unit]),
            default => (new TorqueText())->read($typed),
        };
    }
}
