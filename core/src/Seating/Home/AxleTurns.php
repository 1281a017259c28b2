<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Home;

use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/**
 * How an axle with shoulders turns by hand once the second bearing is down: there is no spacer tube that could tell, the
 * shoulders of the axle squeeze the pair when it is driven too far.
 */
enum AxleTurns: string
{
    case Free = 'free';
    case Play = 'play';
    case Drags = 'drags';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Free => 'Turns free, no in-and-out',
            self::Play => 'Turns free, moves in and out',
            self::Drags => 'Drags or catches',
        };
    }

    /** @param  bool  $deeper whether the bearing stands deeper than before it came apart, beyond the doubt of both depths */
    public function verdict(bool $deeper): Verdict
    {
        return match (true) {
            $this === self::Free => Verdict::go(
                Message::of('axle_turns.free', 'The axle turns free'),
                Message::of('axle_turns.free.say', 'Both bearings stand on its shoulders, and nothing squeezes them.'),
            ),
            $this === self::Play => Verdict::care(
                Message::of('axle_turns.play', 'The axle moves in and out'),
                Message::of(
                    'axle_turns.play.say',
                    'One of the two is not on its shoulder yet, or the end caps take it up, as some are built.',
                ),
            )->next(
                Message::of(
                    'axle_turns.play.next',
                    'Look at both for a gap. Light taps on the second, turning the axle after each; never past free.',
                ),
            ),
            $deeper => Verdict::stop(
                Message::of('axle_turns.squeezed', 'The axle squeezes the pair'),
                Message::of('axle_turns.squeezed.say', 'It drags, and the second bearing stands deeper than it stood before.'),
            )->next(self::back()),
            default => Verdict::care(
                Message::of('axle_turns.drags', 'The axle drags'),
                Message::of(
                    'axle_turns.drags.say',
                    'Driven too far, its shoulders squeeze the pair. New seals and grease drag too, a little and evenly.',
                ),
            )->next(self::back()),
        };
    }

    private static function back(): Message
    {
        return Message::of(
            'axle_turns.back',
            'A soft tap on the other end of the axle sets the second bearing back; turn it after each. One that still catches is replaced.',
        );
    }
}
