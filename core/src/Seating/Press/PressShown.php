<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Press;

use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** How the force ran while a ring was pressed, as somebody at the gauge saw it or a trace showed it. */
enum PressShown: string
{
    case Good = 'good';
    case Cocked = 'cocked';
    case DirtyBore = 'dirty_bore';
    case Oversize = 'oversize';
    case EarlyHome = 'early_home';
    case MissingSleeve = 'missing_sleeve';
    case Loose = 'loose';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Good => 'Steady, then a sharp rise',
            self::Cocked => 'High from the start',
            self::DirtyBore => 'Peaks and jumps',
            self::Oversize => 'Too high all the way',
            self::EarlyHome => 'Rose too early',
            self::MissingSleeve => 'No rise at its place',
            self::Loose => 'Hardly any',
        };
    }

    /** What such a course of the force means. */
    public function verdict(): Verdict
    {
        return match ($this) {
            self::Good => Verdict::go(
                Message::of('press.home', 'Home: stop'),
                Message::of('shown.good.say', 'Steady, then a sharp rise: on its shoulder.'),
            ),
            self::Cocked => Verdict::stop(
                Message::of('press.cocked', 'Cocked: stop'),
                Message::of('press.cocked.say', 'It takes most force where least of the ring is in: it wedges across the bore.'),
            )->next(Message::of('press.cocked.next', 'Drive it back out, look at the bore, start it square by hand.')),
            self::DirtyBore => Verdict::care(
                Message::of('press.dirty', 'Rough on the way'),
                Message::of('press.dirty.say', 'Peaks and jumps while it slides: grit, a score or a burr in the bore.'),
            ),
            self::Oversize => Verdict::stop(
                Message::of('press.tight', 'Far tighter than expected: stop'),
                Message::of(
                    'press.tight.say',
                    'Even all the way, but too high: the ring is larger, or the bore smaller, than was read.',
                ),
            ),
            self::EarlyHome => Verdict::stop(
                Message::of('shown.early', 'It stands short of its place'),
                Message::of(
                    'shown.early.say',
                    'A sharp rise before its place: dirt on the shoulder, a ring in its groove, a wrong depth.',
                ),
            ),
            self::MissingSleeve => Verdict::stop(
                Message::of('press.past', 'Past its place: stop'),
                Message::of(
                    'shown.past.say',
                    'No rise where it should have been stopped: look through the {body} and at the tray.',
                ),
            ),
            self::Loose => Verdict::care(
                Message::of('press.loose', 'Hardly any grip'),
                Message::of('press.loose.say', 'It slides with far less than was reckoned: it may turn in its bore.'),
            ),
        };
    }
}
