<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure\Typed;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\InvalidInput;

/** Reads a turn as people at a bench say it: `45`, `45°`, `8 min` on a clock face, `1/4 turn`, `1.5 flats` of a nut. */
final class AngleText
{
    private const UNITS = ['' => 1.0, '°' => 1.0, 'deg' => 1.0, 'min' => 6.0, 'turn' => 360.0, 'flat' => 60.0];

    /** Ten turns: nothing is set further off than that. */
    private const MOST = 3600.0;

    /** @throws InvalidInput when it is not a turn */
    public function read(string $typed): Angle
    {
        if (
            preg_match('/^([+\-−]?)(\d+(?:[.,]\d+)?)(?:\/(\d+))?\s*(°|deg|min|turn|flat)?\w*$/ui', trim($typed), $found) !== 1 ||
            preg_match('/^0+$/', $found[3] ?? '') === 1
        ) {
            throw new InvalidInput(
                sprintf('"%s" is not a turn. Type degrees, or 8 min on a clock face, 1/4 turn, 1 flat.', mb_substr($typed, 0, 40)),
            );
        }
        $number = (float) str_replace(',', '.', $found[2]) / (($found[3] ?? '') === '' ? 1 : (int) $found[3]);
        $degrees = $number * self::UNITS[mb_strtolower($found[4] ?? '')];
        if ($degrees > self::MOST) {
            throw new InvalidInput('That is more than ten turns. Check the number.');
        }

        return Angle::degrees($found[1] === '' || $found[1] === '+' ? $degrees : -$degrees);
    }
}
