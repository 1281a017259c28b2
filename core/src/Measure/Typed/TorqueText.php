<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure\Typed;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Torque;

/** Reads a torque as people type it: `45`, `45 Nm`, `33 ft-lb`, `90 in-lb`. A bare number is newton-metres. */
final readonly class TorqueText
{
    private const FACTORS = [
        'nm' => 1.0,
        'ftlb' => 1.3558179,
        'lbft' => 1.3558179,
        'inlb' => 0.1129848,
        'kgm' => 9.80665,
        'kgfm' => 9.80665,
    ];

    /** Nothing on a small machine is tightened beyond this, in N·m. */
    private const MOST = 1000.0;

    /** @throws InvalidInput when it is not one torque, or beyond what small machines have */
    public function read(string $typed): Torque
    {
        if (trim($typed) === '') {
            throw new InvalidInput('Nothing is typed here. Type a torque, such as 45 or 33 ft-lb.');
        }
        if (preg_match('/^(\d+(?:[.,]\d+)?)\s*([a-z·.\-\s]*)$/u', trim(mb_strtolower($typed)), $found) !== 1) {
            throw new InvalidInput(sprintf('"%s" is not a torque. Type a number, such as 45 or 33 ft-lb.', mb_substr($typed, 0, 40)));
        }
        $unit = (string) preg_replace('/[^a-z]/', '', $found[2]);
        $factor =
            self::FACTORS[$unit === '' ? 'nm' : rtrim($unit, 's')] ??
            throw new InvalidInput(sprintf('"%s" is not a unit of torque here. Use Nm, ft-lb or in-lb.', trim($found[2])));
        $torque = (float) str_replace(',', '.', $found[1]) * $factor;
        if ($torque <= 0 || $torque > self::MOST) {
            throw new InvalidInput('A torque here is more than 0 and at most 1000 N·m. Check the unit.');
        }

        return Torque::newtonMetres($torque);
    }
}
