<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** Judgements of the seating station that need no arithmetic. */
final class SeatVerdicts
{
    /** A snap ring that is not all round in its groove; null while nobody looked. */
    public static function ring(?string $seated): ?Verdict
    {
        return match ($seated) {
            'all_round' => Verdict::go(Message::of('ring.in', 'Ring seated'), Message::of('ring.in.say', 'In its groove all round.')),
            'not_all' => Verdict::stop(
                Message::of('ring.out', 'The ring is not in its groove'),
                Message::of('ring.out.say', 'The bearing is not home, dirt is in the groove, or the ring is bent.'),
            )->next(Message::of('ring.out.next', 'Take it out, look at the groove, drive the bearing to its shoulder.')),
            default => null,
        };
    }

    /** Something that has to be in before what was begun. */
    public static function outOfTurn(Part $missing): Verdict
    {
        $why = match ($missing->kind) {
            PartKind::SnapRing => 'Driving the other side can push this bearing out of its place: its ring holds it.',
            PartKind::Sleeve => 'Nothing tells later that the spacer tube is missing; everything comes out again.',
            PartKind::SeatRing => 'The bearing is smaller than the old seat: without its ring it rattles there.',
            PartKind::RingNut => 'It goes in before the far bearing hides its thread.',
            default => 'It locates what comes after it: fully home before the other side is touched.',
        };

        return Verdict::stop(
            Message::of('seat.turn', '{part} first', ['part' => Message::plain($missing->name)]),
            Message::of('seat.turn.'.$missing->kind->value, $why),
        )->next(Message::of('seat.turn.next', 'Put it in now, or say that it is in, left in its place, or not there.'));
    }

    /**
     * A part that went in another way round than such parts usually lie.
     *
     * @param  array<string, mixed>  $entry what was kept of it
     */
    public static function wayRound(Part $part, array $entry): ?Verdict
    {
        $way = $entry['way_round'] ?? null;
        $usual = array_key_first($part->kind->ways());
        if (
            ($entry['state'] ?? null) !== PartState::Fitted->value ||
            ! is_string($way) ||
            $usual === null ||
            $way === $usual ||
            $usual === 'either way'
        ) {
            return null;
        }

        return Verdict::care(
            Message::of('seat.way_round', '{part}: {way}', [
                'part' => Message::plain($part->name),
                'way' => Message::plain($part->kind->wayRound($way)),
            ]),
            Message::of('seat.way_round.say', 'Such a part usually lies with its {usual}. Was it so before?', [
                'usual' => Message::plain($part->kind->wayRound($usual)),
            ]),
        )->next(Message::of('seat.way_round.next', 'Look at the photo from the strip, or turn it round now.'));
    }

    /** A seal against the depth that was measured before. */
    public static function sealDepth(Part $seal, ?Reading $now, ?Reading $before): ?Verdict
    {
        if ($now === null || $before === null) {
            return null;
        }
        $deeper = $now->value->mm - $before->value->mm;
        $words = ['seal' => Message::plain($seal->name), 'off' => Length::mm(abs($deeper))];

        return match (true) {
            abs($deeper) <= Limits::standard()->get('seal.depth_same') => Verdict::go(
                Message::of('seal.same', '{seal} as deep as before', $words),
                Message::of('seal.same.say', 'Its lip runs where it ran.'),
            ),
            $deeper > 0 => Verdict::care(
                Message::of('seal.deeper', '{seal} {off} deeper than before', $words),
                Message::of(
                    'seal.deeper.say',
                    'It may stand against the bearing, or its lip run off the collar. Deliberate, to clear a worn groove: note it.',
                ),
            ),
            default => Verdict::care(
                Message::of('seal.proud', '{seal} {off} less deep than before', $words),
                Message::of('seal.proud.say', 'It may rub on what turns beside it. A flat block and light taps all round.'),
            ),
        };
    }

    /** Home and square, though with a driver that stands where it should not. */
    public static function drivenAllTheSame(): Verdict
    {
        return Verdict::care(
            Message::of('driver.turn', 'Turn it by hand'),
            Message::of(
                'driver.turn.say',
                'It is home and square. The driver that was named stands on the wrong ring: its force may have dented the tracks.',
            ),
        )->next(
            Message::of(
                'driver.turn.next',
                'Notchy under the finger: another bearing. Smooth: say so in a word, or name the driver that was really used.',
            ),
        );
    }
}
