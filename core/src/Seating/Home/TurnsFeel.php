<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Home;

use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** How a bearing turns by a finger once it is pressed home: the hand proves what clearances only reckon. */
enum TurnsFeel: string
{
    case Free = 'free';
    case Tight = 'tight';
    case Notchy = 'notchy';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Free => 'Turns free',
            self::Tight => 'Tight',
            self::Notchy => 'Notchy',
        };
    }

    /** @param  bool  $tooTight whether a reading says, beyond its doubt, that the fit is tighter than makers give */
    public function verdict(bool $tooTight): Verdict
    {
        return match (true) {
            $this === self::Free => Verdict::go(
                Message::of('turns.free', 'Turns free'),
                Message::of('turns.free.say', 'The fit leaves the balls the room they need.'),
            ),
            $tooTight => Verdict::stop(
                Message::of('turns.squeezed', 'The fit squeezes it'),
                Message::of('turns.squeezed.say', 'It does not turn free, and the readings say that the fit is too tight.'),
            )->next(Message::of('turns.squeezed.next', 'Out again: another bearing of clearance C3, or the bore put right.')),
            $this === self::Tight => Verdict::care(
                Message::of('turns.tight', 'It turns tight'),
                Message::of('turns.tight.say', 'New grease and seals drag a little and evenly. A squeezed ring drags more, and dry.'),
            )->next(Message::of('turns.tight.next', 'Turn it twenty times and feel again, cold. Beside a new one in the hand it tells.')),
            default => Verdict::care(
                Message::of('turns.notchy', 'It turns notchy'),
                Message::of('turns.notchy.say', 'Force that crossed the balls dents the tracks; dirt feels like it too.'),
            )->next(Message::of('turns.notchy.next', 'Notches at even steps do not go away: another bearing.')),
        };
    }
}
