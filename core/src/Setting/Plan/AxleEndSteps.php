<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Plan;

use CleanRace\Core\Hub\Side;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Setting\AxleEnds\AxleEnds;
use CleanRace\Core\Setting\AxleEnds\AxleEndsInput;
use CleanRace\Core\Setting\AxleEnds\AxleEndsResult;
use CleanRace\Core\Setting\Cones\AxleKind;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;

/** How far a threaded axle stands out at both ends, against what it did before. */
final class AxleEndSteps
{
    /** From the notebook; null while an end was not read. */
    public static function work(Limits $limits, Bench $bench): ?AxleEndsResult
    {
        $notebook = $bench->notebook;
        [$left, $right] = [$notebook->reading(Places::ENDS_LEFT), $notebook->reading(Places::ENDS_RIGHT)];
        if ($left === null || $right === null) {
            return null;
        }
        [$before, $beforeRight] = [$notebook->length(Places::AXLE_LEFT), $notebook->length(Places::AXLE_RIGHT)];
        $both = $before !== null && $beforeRight !== null;
        try {
            return (new AxleEnds($limits, $bench->pattern->card()->sideNames()))->work(
                new AxleEndsInput(
                    $left,
                    $right,
                    ConeSteps::thread($bench),
                    $both ? $before : null,
                    $both ? $beforeRight : null,
                    $notebook->length(Places::ENDS_DROPOUT),
                    $notebook->choice(Places::CONE_AXLE) === AxleKind::QuickRelease->value,
                ),
            );
        } catch (InvalidInput) {
            return null;
        }
    }

    /** The step at which both ends are read. */
    public static function step(Bench $bench, ?AxleEndsResult $ends): Step
    {
        $fixed = $bench->pattern->card()->sideName($bench->hub->first);
        $label = static fn (Side $side): Message => Message::of('set.ends.out', '{side}, sticks out now', [
            'side' => Message::plain($bench->pattern->card()->side($side)),
        ]);

        return Step::of(
            'set.ends',
            'Axle ends as they were',
            'The {side} first: its nut and spacers locked on the axle at the right length, toothed faces outward. Then the other '
                .'side is set. The side with more spacers usually shows more thread.',
            ['side' => Message::within($fixed)],
        )
            ->with(why: 'The axle off the middle, and the nuts or the lever have too little thread on one side.', part: 'axle')
            ->on(Panel::AxleEnds)
            ->asking(
                Ask::length(Places::ENDS_LEFT, $label(Side::Left), wanted: false),
                Ask::length(Places::ENDS_RIGHT, $label(Side::Right), wanted: false),
                Ask::length(Places::ENDS_DROPOUT, 'Dropout, thickness', wanted: false),
            )
            ->judged($ends?->verdict)
            ->holdingStopsOnly()
            ->taking(4);
    }
}
