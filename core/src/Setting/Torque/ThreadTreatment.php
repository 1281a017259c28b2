<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Torque;

use CleanRace\Core\Tables\Limits;

/** What is on a thread when it is tightened. */
enum ThreadTreatment: string
{
    case Dry = 'dry';
    case Oiled = 'oiled';
    case AntiSeize = 'anti_seize';
    case ThreadLock = 'thread_lock';

    /** How people say it. */
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
    public function nutFactor(Limits $limits): float
    {
        return $limits->get(
            match ($this) {
                self::Dry, self::ThreadLock => 'force.nut_dry',
                self::Oiled => 'torque.nut_oiled',
                self::AntiSeize => 'torque.nut_anti_seize',
            },
        );
    }
}
