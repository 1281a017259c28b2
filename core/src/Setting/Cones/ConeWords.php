<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Cones;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Estimate;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Shown;
use CleanRace\Core\Verdict\Verdict;

/** What is said of a cone: where to set it next, and why. */
final readonly class ConeWords
{
    public function __construct(private Limits $limits)
    {
    }

    /** Before the first try; what to leave at the rim in mm. */
    public function first(ConeHub $hub, Estimate $usual, Length $leave): Verdict
    {
        $words = ['leave' => Shown::of($leave, 1), 'shift' => Shown::of(Angle::degrees($usual->mean), 0)];

        return Verdict::care(
            Message::of('coach.first', 'Tighten until it just touches, then back off a little'),
            Message::of(
                'coach.first.say',
                'Mark the cone. A lock nut usually moves it {shift} tighter: allow for that from the start.',
                $words,
            ),
        )->next(
            $hub->axle === AxleKind::Solid
                ? Message::of('coach.first.solid', 'Lock it, and say what you feel: no play at all is wanted on a solid axle.')
                : Message::of(
                    'coach.first.lever',
                    'Lock it, and say what you feel: {leave} at the rim is wanted with the lever open.',
                    $words,
                ),
        );
    }

    /** After a try; turns and marks in degrees, clockwise tighter. */
    public function verdict(
        ConeCoachInput $input,
        ConeHub $hub,
        ConeTry $last,
        bool $done,
        ?int $repeat,
        float $turn,
        float $set,
        Length $leave,
        Estimate $shift,
    ): Verdict {
        $words = [
            'turn' => Shown::of(Angle::degrees(abs($turn)), 0),
            'flats' => ConePlay::flats($turn),
            'mark' => self::minutes($set),
            'try' => $repeat ?? 0,
            'leave' => Shown::of($leave, 1),
            'shift' => Shown::of(Angle::degrees(abs($shift->mean)), 0),
            'count' => $this->lockings($input->tries),
        ];
        $tightens = $shift->mean >= 0;
        $near = $this->limits->get('cone.done_deg') / 2;

        return match (true) {
            $this->grit($input->tries) => Verdict::stop(
                Message::of('coach.grit', 'Grit at every setting'),
                Message::of('coach.grit.say', 'No angle cures it: dirt, a pitted track, a flat ball, or the wrong ball.'),
            )->next(Message::of('coach.grit.next', 'Open it again: wipe, look at cones and cups with a light, new balls.')),
            $repeat !== null => Verdict::care(
                Message::of('coach.clash', 'Try {try} contradicts the others', $words),
                Message::of(
                    'coach.clash.say',
                    'What was felt at it cannot be, if the others are right. The mark slipped, or the cone turned with its nut.',
                    $words,
                ),
            )->next(Message::of('coach.clash.next', 'Set that mark again and judge it again.')),
            $done && $last->stage === ConeStage::Locked && $input->axle === AxleKind::QuickRelease => Verdict::go(
                Message::of('coach.done', 'Right'),
                Message::counted(
                    'coach.done.lever',
                    $words['count'],
                    'The lever will take up what is left. One locking.',
                    'The lever will take up what is left. {count} lockings.',
                ),
            )->next(Message::of('coach.done.lever_next', 'Clamp it in the frame: the play must be gone, the wheel still free.')),
            $done => Verdict::go(
                Message::of('coach.done', 'Right'),
                Message::counted(
                    'coach.done.say',
                    $words['count'],
                    'No play, no bind. One locking.',
                    'No play, no bind. {count} lockings.',
                ),
            )->next(Message::of('coach.done.next', 'Lock nuts tight on both sides. Look again after the first ride.')),
            ! $last->stage->isLocked() && abs($turn) <= $near => Verdict::care(
                Message::of('coach.lock', 'Lock it there'),
                Message::of(
                    'coach.lock.say',
                    $tightens
                        ? 'The nut should bring it right: it moves the cone about {shift} tighter.'
                        : 'The nut should bring it right: it moves the cone about {shift} looser.',
                    $words,
                ),
            )->next(Message::of('coach.lock.next', 'Hold the cone, tighten the nut against it, judge again.')),
            $last->stage->isLocked() && abs($turn) <= $near => Verdict::care(
                Message::of('coach.feel', 'Nearly: feel it once more', $words),
                Message::of('coach.feel.say', 'It may be right; what was read does not tell surely.'),
            )->settledBy(
                Message::of('coach.feel.settle', 'Play at the rim with a dial gauge, {leave} is right; or clamp it and feel.', $words),
            ),
            default => Verdict::care(
                Message::of('coach.turn', $turn >= 0 ? '{turn} tighter' : '{turn} looser', $words),
                Message::of(
                    'coach.turn.say',
                    $tightens
                        ? 'Mark to {mark}: {flats}. Then lock it; the nut moves it about {shift} tighter.'
                        : 'Mark to {mark}: {flats}. Then lock it; the nut moves it about {shift} looser.',
                    $words,
                ),
            ),
        };
    }

    /** @param  list<ConeTry>  $tries */
    private function grit(array $tries): bool
    {
        $marks = array_map(
            static fn (ConeTry $t): float => $t->mark->degrees,
            array_filter($tries, static fn (ConeTry $t): bool => $t->felt === ConeFelt::Gritty),
        );
        $clean = array_filter($tries, static fn (ConeTry $t): bool => in_array($t->felt, [ConeFelt::None, ConeFelt::Trace], true));

        return $clean === [] && count($marks) >= 2 && max($marks) - min($marks) >= $this->limits->get('cone.grit_span_deg');
    }

    /** @param  list<ConeTry>  $tries */
    public function lockings(array $tries): int
    {
        return count(array_filter($tries, static fn (ConeTry $t): bool => $t->stage === ConeStage::Locked));
    }

    /** Minutes on a clock face, 12 up. */
    public static function minutes(float $degrees): Message
    {
        return Message::of('cone.minutes', '{minutes} min', ['minutes' => (int) fmod(fmod(round($degrees / 6), 60) + 60, 60)]);
    }
}
