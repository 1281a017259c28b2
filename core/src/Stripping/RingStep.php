<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Captures;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tooling\Need;
use CleanRace\Core\Tooling\ToolKind;

/** The step at which snap rings come out, and a hidden one is looked for where none is known. */
final class RingStep
{
    /**
     * @param  list<Part>  $rings that are still in
     * @param  list<Ask>  $asks of them
     */
    public static function of(Bench $bench, array $rings, array $asks): PlannedStep
    {
        $usual = TakeOff::usual(PartKind::SnapRing);
        $step =
            $rings === []
                ? Step::of(
                    'strip.rings',
                    'Look for a hidden ring',
                    'Wipe the mouth of every bore and look: a ring under the dirt that the drawing does not have holds the bearing.',
                )
                : Step::of('strip.rings', count($rings) > 1 ? 'Snap rings out' : 'Snap ring out', $usual['detail'])->with(
                    tool: $usual['tool'],
                    caution: $usual['caution'],
                    find: $usual['find'],
                    part: $rings[0]->id,
                );

        return PlannedStep::of(
            $step
                ->with(why: 'A ring that was missed is pressed against, and breaks its groove.')
                ->asking(...self::seen($bench), ...$asks)
                ->tickedByItself($rings === [] ? 'Looked, none hidden' : 'Looked everywhere, no other')
                ->taking((int) $usual['minutes']),
            ...$rings === [] ? [] : [Need::of(ToolKind::RingPliersIn)],
        );
    }

    /** @return list<Ask> where one was seen when the wheel came in, where that was asked */
    private static function seen(Bench $bench): array
    {
        $before = array_filter($bench->pattern->capture(), static fn (Ask $a): bool => $a->place === Places::RING_SIDE);

        return $before === []
            ? []
            : [Ask::choice(Places::RING_SIDE, 'Ring found on', Captures::ringSides($bench->pattern->card()))->borrowed()];
    }
}
