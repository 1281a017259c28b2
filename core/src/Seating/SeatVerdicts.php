<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating;

use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** Judgements of the seating station that need no arithmetic. */
final class SeatVerdicts
{
    public static function ring(?string $seated): ?Verdict
    {
        return match ($seated) {
            'all_round' => Verdict::go(Message::of('ring.in', 'Ring seated'), Message::of('ring.in.say', 'In its groove all round.')),
            'not_all' => Verdict::stop(Message::of('ring.out', 'The ring is not in its groove'), Message::of('ring.out.say', 'The bearing is not home, dirt is in the groove, or the ring is bent.'))
                ->next(Message::of('ring.out.next', 'Take it out, look at the groove, drive the bearing to its ledge.')),
            default => null,
        };
    }

    public static function otherDriver(DriverFit $tool): Verdict
    {
        $name = ['name' => $tool->name];

        return match ($tool->level) {
            Level::Go => Verdict::go(Message::of('driver.take', 'Take the {name}', $name), $tool->reason),
            Level::Care => Verdict::care(Message::of('driver.with_care', '{name}, with care', $name), $tool->reason),
            Level::Stop => Verdict::stop(Message::of('driver.not', 'Not the {name}', $name), $tool->reason),
        };
    }
}
