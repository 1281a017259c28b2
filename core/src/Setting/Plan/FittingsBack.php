<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Plan;

use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Fitting;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;

/** What came off outside the hub goes back: on the wheel before it goes in, on the machine before it is tightened, and what goes last. */
final readonly class FittingsBack
{
    private const TITLES = ['wheel' => 'Back on the wheel', 'machine' => 'Back on the machine', 'last' => 'Back last'];

    /**
     * @param  string  $at wheel, machine or last
     * @return list<Step> one, or none when nothing of it is there
     */
    public static function steps(Bench $bench, string $at): array
    {
        $back = array_values(
            array_filter(Fitting::there($bench->pattern, $bench->notebook), static fn (Fitting $f): bool => $f->backAt === $at),
        );
        if ($back === []) {
            return [];
        }
        $noted = array_values(
            array_map(
                static fn (Fitting $f): Message => Message::of('fitting.before', '{fitting} before: {said}.', [
                    'fitting' => Message::plain($f->label),
                    'said' => Written::of($bench->notebook->text($f->place('before')) ?? ''),
                ]),
                array_filter($back, static fn (Fitting $f): bool => $bench->notebook->text($f->place('before')) !== null),
            ),
        );

        return [
            Step::of(
                "set.fittings_$at",
                self::TITLES[$at],
                Message::listed(
                    array_map(
                        static fn (Fitting $f): Message => Message::of('fitting.how', '{fitting}: {how}.', [
                            'fitting' => Message::plain($f->label),
                            'how' => Message::within($f->back),
                        ]),
                        $back,
                    ),
                    ' ',
                ),
            )
                ->with(...$noted === [] ? [] : ['find' => Message::listed($noted, ' ')])
                ->asking(
                    ...array_map(static function (Fitting $f): Ask {
                        $label = Message::of('fitting.back', '{fitting} back', ['fitting' => Message::plain($f->label)]);
                        $ask = Ask::tick($f->place('back'), $label);

                        return $f->alone ? $ask->byItself() : $ask;
                    }, $back),
                )
                ->ordinarily('All of it back, as it was')
                ->taking(3 * count($back)),
        ];
    }
}
