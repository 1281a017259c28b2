<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

use CleanRace\Core\Hub\Ask;
use CleanRace\Core\Hub\Option;
use CleanRace\Core\Hub\Panel;
use CleanRace\Core\Hub\Station;
use CleanRace\Core\Hub\StationReport;
use CleanRace\Core\Hub\Step;
use CleanRace\Core\Tooling\Bench;
use CleanRace\Core\Verdict\Limits;
use CleanRace\Core\Verdict\Verdict;

/** The first station: what the customer says, what the checks say, and what must be measured before anything comes apart. */
final readonly class CheckIn
{
    public function __construct(private Limits $limits)
    {
    }

    public function report(Bench $bench): StationReport
    {
        return StationReport::of(Station::CheckIn, [
            Step::of('check.complaint', 'The complaint', 'In the customer\'s words, as far as it can be written.')
                ->asking(Ask::text('check.complaint', 'What the customer says'))->advice(),
            Step::of('check.rock', 'Rock it, spin it, listen', 'Wheel off the ground, load off. Free the caliper first: a dragging pad is the commonest false alarm.')
                ->with(tool: 'Hands; a rod on the fork end to listen', caution: 'On a stand that cannot tip. Fingers clear of disc and spokes.')
                ->asking(
                    Ask::choice('check.caliper', 'Caliper', Option::each(CaliperState::class)),
                    Ask::choice('check.rock_3_9', 'Rocked at 3 and 9', Option::each(Rock::class)),
                    Ask::choice('check.rock_12_6', 'Rocked at 12 and 6', Option::each(Rock::class)),
                    Ask::choice('check.spin', 'Spun by hand', Option::each(Spin::class)),
                    Ask::choice('check.seals', 'At the seals', Option::each(SealLook::class), wanted: false),
                )->judged($this->verdict($bench))->advice(),
            Step::of('check.capture', 'Measure before you strip', 'These cannot be had once it is apart. A rule is enough.')
                ->with(why: 'Spacers swapped side to side put the wheel off centre, and nobody remembers which was which.')
                ->asking(...$bench->pattern->capture())->on(Panel::Captures)->advice(),
        ], $bench->notebook);
    }

    private function verdict(Bench $bench): ?Verdict
    {
        $n = $bench->notebook;
        $seen = [
            Rock::tryFrom($n->choice('check.rock_3_9') ?? ''), Rock::tryFrom($n->choice('check.rock_12_6') ?? ''),
            Spin::tryFrom($n->choice('check.spin') ?? ''), CaliperState::tryFrom($n->choice('check.caliper') ?? ''), SealLook::tryFrom($n->choice('check.seals') ?? ''),
        ];

        return array_filter([$seen[0], $seen[1], $seen[2], $seen[4]]) === [] ? null : (new RockCheck($this->limits))->work(new RockCheckInput(...$seen))->verdict;
    }
}
