<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting;

/** What is on a thread when it is tightened. */
enum ThreadTreatment: string
{
    case Dry = 'dry';
    case Oiled = 'oiled';
    case AntiSeize = 'anti_seize';
    case ThreadLock = 'thread_lock';

    public function label(): string
    {
        return match ($this) {
            self::Dry => 'Clean and dry',
            self::Oiled => 'Oiled',
            self::AntiSeize => 'Anti-seize',
            self::ThreadLock => 'Thread-lock',
        };
    }

    /** Nut factor: torque / (pull × diameter). Usual figures, ± a quarter. */
    public function nutFactor(): float
    {
        return match ($this) {
            self::Dry, self::ThreadLock => 0.20,
            self::Oiled => 0.17,
            self::AntiSeize => 0.15,
        };
    }
}
