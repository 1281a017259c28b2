<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

use CleanRace\Core\Hub\Side;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\PatternCard;
use CleanRace\Core\Sound\Finding\Heard;
use CleanRace\Core\Sound\Finding\Reasons;
use CleanRace\Core\Sound\SpinDown\SpinDown;
use CleanRace\Core\Sound\SpinDown\SpinDownInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** What a wheel that was spun tells beside the other checks: how it runs out, and what is still heard when the work is done. */
final readonly class SpunVerdict
{
    public function __construct(private Limits $limits)
    {
    }

    /**
     * How it runs out, by taps; after the work held against before. Null while too little is tapped.
     *
     * @param  bool  $after whether the work is done
     */
    public function runsOut(Bench $bench, bool $after): ?Verdict
    {
        $now = self::passes($bench->notebook, SpunSides::passes($after));
        $before = $after ? self::passes($bench->notebook, SpunSides::passes(false)) : null;
        if ($now === null) {
            return null;
        }
        try {
            return (new SpinDown($this->limits))->work(new SpinDownInput($now, $before))->verdict;
        } catch (InvalidInput) {
            return null;
        }
    }

    /** What recordings after the work still tell, at this hub's sides; null when there are none, or they are quiet. */
    public function stillHeard(Bench $bench): ?Verdict
    {
        foreach (SpunSides::of($bench) as $side) {
            $heard = SpunSides::heard($bench, $side, true);
            $say = $heard === null ? null : self::told($heard, $bench->pattern->card());
            if ($say !== null) {
                $where = $side === Side::Middle
                    ? Message::of('after.heard_one', 'Something is heard')
                    : Message::of('after.heard', 'Something is heard: {side}', [
                        'side' => Message::within($bench->pattern->card()->sideName($side)),
                    ]);

                return Verdict::care($where, $say)->next(
                    Message::of('after.heard.next', 'It is evidence, not proof: feel it and rock it before it leaves.'),
                );
            }
        }

        return null;
    }

    private static function told(Heard $heard, PatternCard $card): ?Message
    {
        return match ($heard) {
            Heard::OuterRing, Heard::InnerRing, Heard::Ball => Message::of('after.heard.part', 'The recording tells of the {part}.', [
                'part' => Reasons::called($heard),
            ]),
            Heard::Dry => Message::of('after.heard.dry', 'The recording crackles: dry, or dirt got in.'),
            Heard::Rub => $card->isBraked()
                ? Message::of('after.heard.rub', 'Something comes once a turn: brake, disc, tyre or spoke.')
                : Message::of('after.heard.rub_other', 'Something comes once a turn: it rubs or catches beside the bearing.'),
            Heard::Quiet, Heard::Unclear => null,
        };
    }

    private static function passes(Notebook $notebook, string $place): ?string
    {
        $taps = $notebook->value($place)['taps'] ?? null;

        return is_array($taps) && $taps !== []
            ? implode(' ', array_map(static fn (mixed $at): string => sprintf('%.3f', is_numeric($at) ? (float) $at : 0.0), $taps))
            : null;
    }
}
