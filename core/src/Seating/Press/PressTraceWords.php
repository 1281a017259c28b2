<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Press;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** What is said of a seating by its force–travel curve. */
final readonly class PressTraceWords
{
    /**
     * By the kind of seating.
     *
     * @param  ?Knee  $rise where the force rose for good, if it did
     * @param  bool  $unseen whether samples that lie far apart leave open that it rose before its place
     */
    public function verdict(PressKind $kind, PressTraceInput $input, ForceCurve $curve, ?Knee $rise, bool $unseen): Verdict
    {
        $knee = $rise?->at;
        $at = [
            'from' => Length::mm($rise->earliest ?? 0.0),
            'at' => Length::mm($knee ?? $curve->travel()),
            'home' => $input->home,
            'short' => Length::mm(abs($input->home->mm - ($knee ?? $curve->travel()))),
        ];

        return match ($kind) {
            PressKind::Waiting => Verdict::care(
                Message::of('press.waiting', 'Nothing pressed yet'),
                Message::of('press.waiting.say', 'The ring has not begun to go in.'),
            ),
            PressKind::Going => $input->finished
                ? Verdict::care(
                    Message::of('press.unfinished', 'Not home yet'),
                    Message::of('press.unfinished.say', 'The trace ends at {at}, on the way. There is {short} to go.', $at),
                )
                : Verdict::go(
                    Message::of('press.going', 'Going in as reckoned'),
                    Message::of('press.going.say', 'Steady. Home is at {home}; a sharp rise before or there means stop.', $at),
                ),
            PressKind::Good => $unseen
                ? Verdict::care(
                    Message::of('press.unseen', 'Stop, and see that it is home'),
                    Message::of('press.unseen.say', 'The force rose between {from} and {at}: no reading shows where.', $at),
                )->next(Message::of('press.unseen.next', 'Read its depth, or try a feeler under it.'))
                : Verdict::go(
                    Message::of('press.home', 'Home: stop'),
                    Message::of('press.home.say', 'The force rose sharply at {at}, where it should.', $at),
                ),
            PressKind::Cocked => Verdict::stop(
                Message::of('press.cocked', 'Cocked: stop'),
                Message::of('press.cocked.say', 'It takes most force where least of the ring is in: it wedges across the bore.'),
            )->next(Message::of('press.cocked.next', 'Drive it back out, look at the bore, start it square by hand.')),
            PressKind::Oversize => Verdict::stop(
                Message::of('press.tight', 'Far tighter than expected: stop'),
                Message::of(
                    'press.tight.say',
                    'Even all the way, but too high: the ring is larger, or the bore smaller, than was read.',
                ),
            )->next(
                Message::of(
                    'press.tight.next',
                    'Out again; measure ring and bore; warm the {body}. Too tight takes the clearance from the bearing.',
                ),
            ),
            PressKind::EarlyHome => Verdict::stop(
                Message::of('press.early', 'It stands {short} short', $at),
                Message::of('press.early.say', 'A sharp rise at {at}, before its place at {home}.', $at),
            )->next(
                Message::of(
                    'press.early.next',
                    'Do not press on. Dirt or trapped grease on the shoulder, a ring still in its groove, or a wrong depth: look.',
                ),
            ),
            PressKind::MissingSleeve => Verdict::stop(
                Message::of('press.past', 'Past its place: stop'),
                $input->onSleeve
                    ? Message::of(
                        'press.past.sleeve',
                        'No rise at {home}, where the spacer tube should have stopped it. Is the spacer tube in?',
                        $at,
                    )
                    : Message::of('press.past.say', 'No rise at {home}, where the shoulder should have stopped it.', $at),
            )->next(Message::of('press.past.next', 'Look through the {body} and at the tray before anything else.')),
            PressKind::DirtyBore => Verdict::care(
                Message::of('press.dirty', 'Rough on the way'),
                Message::of('press.dirty.say', 'Peaks and jumps while it slides: grit, a score or a burr in the bore.'),
            )->next(
                Message::of(
                    'press.dirty.next',
                    'Out again while it is easy, or read it for square and home and look at it once more when the wheel is next apart.',
                ),
            ),
            PressKind::Loose => Verdict::care(
                Message::of('press.loose', 'Hardly any grip'),
                Message::of('press.loose.say', 'It slides with far less than was reckoned: it may turn in its bore.'),
            )->next(Message::of('press.loose.next', 'Retaining compound rated for the gap, or measure the bore.')),
        };
    }
}
