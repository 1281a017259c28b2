<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Finding;

use CleanRace\Core\Sound\Beside;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;

/** Why a recording tells what it tells, each in a sentence, with what would help. */
final readonly class Reasons
{
    private function __construct()
    {
    }

    public static function part(Heard $part, float $order, bool $once): Message
    {
        $words = ['times' => Written::of(sprintf('%.2f', $order))];
        $said = match ($part) {
            Heard::OuterRing => Message::of('sound.outer', '{times} times a turn: as balls pass a hurt outer ring.', $words),
            Heard::InnerRing => Message::of('sound.inner', '{times} times a turn: as balls pass a hurt inner ring.', $words),
            default => Message::of('sound.ball', '{times} times a turn: as a hurt ball meets its rings.', $words),
        };

        return $once ? Message::of('sound.beside_once', '{part} Something comes once a turn as well.', ['part' => $said]) : $said;
    }

    public static function rub(Beside $beside): Message
    {
        return match (true) {
            $beside->braked => Message::of(
                'sound.rub',
                'Louder once in each turn, always at the same place: brake, disc or tyre rubs. No bearing does that.',
            ),
            $beside->wheel => Message::of(
                'sound.rub_wheel',
                'Louder once in each turn, always at the same place: tyre, rim or a guard rubs. No bearing does that.',
            ),
            default => Message::of(
                'sound.rub_other',
                'Louder once in each turn, always at the same place: something that turns with it rubs. No bearing does that.',
            ),
        };
    }

    public static function tick(Beside $beside): Message
    {
        return match (true) {
            $beside->freehub === true => Message::of(
                'sound.tick_freehub',
                'It ticks at the same places of each turn: the freehub, a spoke, a valve or a tyre.',
            ),
            $beside->braked => Message::of('sound.tick', 'It ticks at the same places of each turn: a spoke, a valve, a tyre or a brake.'),
            $beside->wheel => Message::of('sound.tick_wheel', 'It ticks at the same places of each turn: a valve, a tyre or a guard.'),
            default => Message::of('sound.tick_other', 'It ticks at the same places of each turn: something that turns with it catches.'),
        };
    }

    public static function pawls(int $clicks, Beside $beside): Message
    {
        $say = $beside->freehub === false
            ? 'It clicks {clicks} times a turn, evenly, as no bearing does: something catches that turns with it.'
            : 'It clicks {clicks} times a turn, evenly: a freehub. Hold it still, and the bearings are heard.';

        return Message::of($beside->freehub === false ? 'sound.clicks' : 'sound.pawls', $say, ['clicks' => $clicks]);
    }

    public static function dry(): Message
    {
        return Message::of('sound.dry', 'It crackles all the time, more when fast, at no place of its own: dry, or dirt in it.');
    }

    public static function dryOrFreehub(): Message
    {
        return Message::of(
            'sound.dry_freehub',
            'It crackles all the time: the freehub, or a dry bearing. Spin it with the freehub held still.',
        );
    }

    public static function quiet(): Message
    {
        return Message::of('sound.quiet', 'Nothing stands out. Light pits are not excluded: they are seldom heard.');
    }

    public static function clipped(): Message
    {
        return Message::of('sound.clipped', 'It was too loud for the recorder. Turn it down, or spin slower.');
    }

    public static function restless(): Message
    {
        return Message::of('sound.restless', 'Something else was louder: talk, wind or a hand. Once more, in quiet, hands off it.');
    }

    public static function talkedOver(): Message
    {
        return Message::of('sound.talked_over', 'For too much of the time something else was louder. Once more, in quiet.');
    }

    public static function notHeard(): Message
    {
        return Message::of(
            'sound.not_heard',
            'It is not heard over the room. Press the microphone or the rod on the part that holds the bearing.',
        );
    }

    public static function twoAlike(Heard $one, Heard $other): Message
    {
        $say = 'A bearing speaks, but {one} and {other} fit alike. More turns, evenly tapped, tell them apart.';

        return Message::of('sound.two_alike', $say, ['one' => self::called($one), 'other' => self::called($other)]);
    }

    public static function fewTurns(): Message
    {
        return Message::of('sound.few_turns', 'Too few turns were tapped to tell. Tap each turn as the mark passes, fifteen at least.');
    }

    public static function looseTaps(float $scatter): Message
    {
        return Message::of('sound.loose_taps', 'The taps are off by {ms} ms: tapped closer, more can be told.', [
            'ms' => Written::of(sprintf('%.0f', 1000 * $scatter)),
        ]);
    }

    public static function moreTurns(int $turns, int $least, int $wanted): Message
    {
        return Message::counted(
            'sound.more_turns',
            $turns,
            'Only one turn was tapped: with {least} or more twice as much is heard, {wanted} are best.',
            'Only {count} turns were tapped: with {least} or more twice as much is heard, {wanted} are best.',
            ['least' => $least, 'wanted' => $wanted],
        );
    }

    public static function untapped(Beside $beside): Message
    {
        return $beside->braked
            ? Message::of('sound.untapped', 'Without a tap at each turn no part can be told from another, nor from a brake that rubs.')
            : Message::of('sound.untapped_other', 'Without a tap at each turn no part can be told from another, nor from what rubs.');
    }

    public static function short(): Message
    {
        return Message::of('sound.short', 'It is too short: fifteen to twenty seconds of it turning are wanted.');
    }

    /** @param  float  $hertz times a second, on the whole */
    public static function repeats(float $hertz, Beside $beside): Message
    {
        $words = ['hertz' => Written::of(sprintf('%.1f', $hertz))];

        return $beside->braked
            ? Message::of('sound.repeats', 'Something repeats about {hertz} times a second: a brake, or a bearing.', $words)
            : Message::of('sound.repeats_other', 'Something repeats about {hertz} times a second: it rubs, or a bearing speaks.', $words);
    }

    /** @param  float  $hertz times a second, on the whole: oftener than a wheel turns */
    public static function bearing(float $hertz, Beside $beside): Message
    {
        $words = ['hertz' => Written::of(sprintf('%.1f', $hertz))];

        return $beside->freehub === true
            ? Message::of(
                'sound.as_bearing_freehub',
                'Something comes {hertz} times a second, evenly: the freehub, or a bearing. Tap each turn, and it can be told.',
                $words,
            )
            : Message::of(
                'sound.as_bearing',
                'Something comes {hertz} times a second, oftener than it turns: as a bearing does. Which part, only taps tell.',
                $words,
            );
    }

    /** @param  float  $hertz times a second, on the whole */
    public static function turnsFound(float $hertz): Message
    {
        return Message::of(
            'sound.turns_found',
            'Nobody tapped: what comes {hertz} times a second was taken for its turns. Tap them to be sure.',
            ['hertz' => Written::of(sprintf('%.1f', $hertz))],
        );
    }

    public static function noBearing(): Message
    {
        return Message::of('sound.no_bearing', 'Which bearing it is was not said, so its parts cannot be looked for.');
    }

    public static function called(Heard $part): Message
    {
        return match ($part) {
            Heard::OuterRing => Message::of('sound.part.outer', 'outer ring'),
            Heard::InnerRing => Message::of('sound.part.inner', 'inner ring'),
            default => Message::of('sound.part.ball', 'a ball'),
        };
    }
}
