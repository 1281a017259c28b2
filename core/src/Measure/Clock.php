<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure;

/** A direction around the axle as a clock face gives it: 12 up, clockwise, to the half hour. */
final readonly class Clock
{
    /** @param  float  $hours from 0 (12 o'clock) up to 11.5 */
    private function __construct(public float $hours)
    {
    }

    /** @throws InvalidInput when it is not on a clock face */
    public static function read(string|int|float $said): self
    {
        if (preg_match('/^(\d{1,2})(?:[:.](00|0|30|5))?$/', trim((string) $said), $found) !== 1 || (int) $found[1] > 12) {
            throw new InvalidInput(
                sprintf('"%s" is not on a clock face. Say 12, 3, 6, 9 or a half hour such as 1:30.', mb_substr((string) $said, 0, 20)),
            );
        }

        return new self(fmod((int) $found[1] + (in_array($found[2] ?? '', ['30', '5'], true) ? 0.5 : 0), 12));
    }

    /** The nearest half hour to an angle clockwise from 12, in radians. */
    public static function nearest(float $radians): self
    {
        return new self(fmod(fmod(round(($radians / M_PI) * 12) / 2, 12) + 12, 12));
    }

    /** The angle from 12, clockwise, in radians. */
    public function radians(): float
    {
        return ($this->hours * M_PI) / 6;
    }

    /** "12", "3", "1:30". */
    public function text(): string
    {
        $hour = (int) floor($this->hours);

        return ($hour === 0 ? 12 : $hour).(fmod($this->hours, 1) > 0 ? ':30' : '');
    }
}
