<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Plan;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Setting\Tapers\TaperFeel;
use CleanRace\Core\Setting\Tapers\TaperNut;
use CleanRace\Core\Setting\Tapers\TaperNutInput;
use CleanRace\Core\Setting\Tapers\TaperNutResult;
use CleanRace\Core\Sizing\SmallParts\SplitPinFinder;
use CleanRace\Core\Sizing\SmallParts\SplitPinInput;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Verdict;

/** End play of a pair of tapers: the nut, the slots, the dial, the pin. */
final class TaperSteps
{
    /** From the notebook; null while the nut was not backed off. */
    public static function work(Limits $limits, Bench $bench): ?TaperNutResult
    {
        $notebook = $bench->notebook;
        [$low, $high] = [$notebook->length(Places::TAPER_BAND_LOW), $notebook->length(Places::TAPER_BAND_HIGH)];
        $banded = $low !== null && $high !== null;
        try {
            return (new TaperNut($limits))->work(
                new TaperNutInput(
                    self::thread($bench),
                    min(12, max(4, $notebook->number(Places::TAPER_SLOTS) ?? 6)),
                    $notebook->choice(Places::TAPER_HOLES) === 'two' ? 2 : 1,
                    null,
                    $notebook->turn(Places::TAPER_BACKED_OFF),
                    $banded ? $low : null,
                    $banded ? $high : null,
                    $notebook->reading(Places::TAPER_DIAL, Instrument::DialGauge),
                    TaperFeel::tryFrom($notebook->choice(Places::TAPER_FEEL) ?? ''),
                    $notebook->torque(Places::TAPER_SEATING),
                ),
            );
        } catch (InvalidInput) {
            return null;
        }
    }

    /** The step at which the nut is set. */
    public static function step(Limits $limits, Bench $bench, ?TaperNutResult $nut): Step
    {
        $felt = ($bench->habits['taper_play'] ?? '') === 'feel';

        return Step::of(
            'set.taper',
            'Nut to its slot',
            'The manual\'s band first. Then snug the nut while the hub turns, so that the rollers seat; slack to zero; back to the '
                .'first slot that shows the hole.',
        )
            ->with(
                tool: $felt ? 'Spanner' : 'Spanner, dial gauge on the hub face',
                why: 'Tapers that are squeezed run hot and seize; loose ones hammer their cups.',
                caution: 'A wheel held by one nut: its pin goes in before anything turns. Never preload unless the manual says so.',
                part: 'castle_nut_left',
            )
            ->on(Panel::Taper)
            ->asking(
                Ask::depth(Places::TAPER_BAND_LOW, 'Least, by the manual', wanted: false),
                Ask::depth(Places::TAPER_BAND_HIGH, 'Most, by the manual', wanted: false),
                Ask::thread(Places::TAPER_THREAD, 'Thread of the spindle'),
                Ask::plain(AskKind::Count, Places::TAPER_SLOTS, 'Slots of the nut'),
                Ask::choice(
                    Places::TAPER_HOLES,
                    'Holes through the spindle',
                    Option::of(['one' => 'One', 'two' => 'Two, half a slot apart']),
                    wanted: false,
                ),
                Ask::torque(Places::TAPER_SEATING, 'Torque to seat the rollers, hub turning', wanted: false),
                Ask::turn(Places::TAPER_BACKED_OFF, 'Back from zero to the first slot'),
                Ask::depth(Places::TAPER_DIAL, 'In and out, by dial', wanted: false, by: Instrument::DialGauge),
                Ask::choice(Places::TAPER_FEEL, 'By hand', Option::each(TaperFeel::class), wanted: $felt),
            )
            ->judged($nut?->verdict)
            ->markedDone($nut !== null)
            ->taking(6);
    }

    /** The step at which the pin goes in. */
    public static function pin(Limits $limits, Bench $bench): Step
    {
        return Step::of(
            'set.pin',
            'A new pin, spread',
            'Through slot and hole, cut to length, one leg over the end, one down the flat. The cap goes on after.',
        )
            ->with(why: 'A pin that was bent once breaks at the second bend.', part: 'castle_nut_left')
            ->asking(
                Ask::length(Places::TAPER_HOLE, 'Hole in the spindle', wanted: false),
                Ask::choice(Places::PINS, 'Pin', Option::of(['new' => 'New and spread', 'old' => 'Old one again'])),
            )
            ->judged(InPlace::pins($bench->notebook->choice(Places::PINS)), self::pinSize($limits, $bench))
            ->holdingStopsOnly()
            ->taking(2);
    }

    private static function pinSize(Limits $limits, Bench $bench): ?Verdict
    {
        $hole = $bench->notebook->reading(Places::TAPER_HOLE);

        return $hole === null
            ? null
            : (new SplitPinFinder($limits))->work(
                new SplitPinInput($hole, $bench->hub->stack->one(PartKind::Axle)->sizes['diameter'] ?? null),
            )->verdict;
    }

    private static function thread(Bench $bench): string
    {
        $axle = $bench->hub->stack->one(PartKind::Axle)?->mm('diameter') ?? 19.05;

        return $bench->notebook->text(Places::TAPER_THREAD) ?? (abs($axle - 19.05) < 0.1 ? '3/4-16' : 'M'.round($axle).' × 1.5');
    }
}
