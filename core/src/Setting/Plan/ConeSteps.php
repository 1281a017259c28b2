<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Plan;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Setting\Cones\AxleKind;
use CleanRace\Core\Setting\Cones\ConeCoach;
use CleanRace\Core\Setting\Cones\ConeCoachInput;
use CleanRace\Core\Setting\Cones\ConeCoachResult;
use CleanRace\Core\Setting\Cones\ConeFelt;
use CleanRace\Core\Setting\Cones\ConeHub;
use CleanRace\Core\Setting\Cones\ConeStage;
use CleanRace\Core\Setting\Cones\ConeTry;
use CleanRace\Core\Setting\Cones\LeverFeel;
use CleanRace\Core\Setting\Cones\LockShift;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;

/** Setting cones: the tries of a job, from its notebook, and the step they are made at. */
final class ConeSteps
{
    public const TRIES = 20;

    /** @return list<ConeTry> in order */
    public static function tries(Notebook $notebook): array
    {
        $tries = [];
        for ($n = 1; $n <= self::TRIES; $n++) {
            $said = $notebook->value(PlacesOf::coneTry($n));
            $try = $said === null ? null : self::read($said, $notebook->reading(PlacesOf::coneTry($n)));
            if ($try !== null) {
                $tries[] = $try;
            }
        }

        return $tries;
    }

    /**
     * @param  array<string, mixed>  $said as the notebook keeps it
     * @param  ?Reading  $play at the rim
     */
    private static function read(array $said, ?Reading $play): ?ConeTry
    {
        [$stage, $felt] = [ConeStage::tryFrom(self::word($said, 'stage')), ConeFelt::tryFrom(self::word($said, 'felt'))];
        if ($stage === null || $felt === null || ! is_numeric($said['mark'] ?? null)) {
            return null;
        }

        return new ConeTry(Angle::degrees((float) $said['mark']), $stage, $felt, $play);
    }

    /** @return list<Angle> by which the lock nut moved the cone, as a hub that is done shows it */
    public static function learnt(Limits $limits, Notebook $notebook): array
    {
        try {
            $hub = ConeHub::of(
                $limits,
                $notebook->length(Places::CONE_RADIUS) ?? Length::mm($limits->get('cone.rim_radius')),
                $notebook->length(Places::CONE_SPACING) ?? Length::mm($limits->get('cone.usual_spacing')),
                Length::mm($limits->get('cone.usual_circle')),
                $notebook->text(Places::AXLE_THREAD) ?? 'M10 × 1',
                AxleKind::Solid,
                null,
                null,
                LeverFeel::Usual,
            );
        } catch (InvalidInput) {
            return [];
        }

        return array_map(static fn (LockShift $shown): Angle => $shown->shift, LockShift::shownBy($hub, self::tries($notebook)));
    }

    /** From the tries in the notebook; null where this hub has no cones or sizes cannot be used. */
    public static function coach(Limits $limits, Bench $bench): ?ConeCoachResult
    {
        $notebook = $bench->notebook;
        try {
            return (new ConeCoach($limits))->work(
                new ConeCoachInput(
                    $notebook->length(Places::CONE_RADIUS) ?? Length::mm($limits->get('cone.rim_radius')),
                    $notebook->length(Places::CONE_SPACING) ?? self::spacing($limits, $bench),
                    self::circle($limits, $bench),
                    self::tries($notebook),
                    self::thread($bench),
                    AxleKind::tryFrom($notebook->choice(Places::CONE_AXLE) ?? '') ?? AxleKind::Solid,
                    $notebook->length(Places::CONE_AXLE_BORE),
                    $notebook->length('set.cone.between'),
                    LeverFeel::tryFrom($notebook->choice(Places::CONE_LEVER) ?? '') ?? LeverFeel::Usual,
                    ($bench->habits['cone_play'] ?? '') === 'none',
                    array_map(static fn (Angle $shift): LockShift => new LockShift($shift), $bench->lockShifts),
                ),
            );
        } catch (InvalidInput) {
            return null;
        }
    }

    /** The step at which tries are made. */
    public static function step(Bench $bench, ?ConeCoachResult $coach): Step
    {
        $made = 0;
        for ($n = 1; $n <= self::TRIES; $n++) {
            $made = $bench->notebook->has(PlacesOf::coneTry($n)) ? $n : $made;
        }
        // One more is wanted until the coach calls it right.
        $right = $coach !== null && $coach->set === null && self::tries($bench->notebook) !== [];
        $tries = array_map(
            static fn (int $n): Ask => Ask::coneTry(PlacesOf::coneTry($n), "Try $n", wanted: $n > $made && ! $right),
            range(1, min(self::TRIES, $made + 1)),
        );
        $solid = ($bench->notebook->choice(Places::CONE_AXLE) ?? AxleKind::Solid->value) === AxleKind::Solid->value;

        return Step::of(
            'set.cone',
            'Set the cone',
            'Mark the cone; clockwise from its side is tighter. Each try: where the mark stands, when you judge it, what you feel.',
        )
            ->with(
                why: 'The lock nut always moves it: set, lock, judge, correct by what was learnt.',
                part: 'cone_'.$bench->hub->first->other()->value,
            )
            ->on(Panel::Cone)
            ->asking(
                Ask::choice(Places::CONE_AXLE, 'Axle', Option::each(AxleKind::class), wanted: false),
                ...$solid
                    ? []
                    : [
                        Ask::choice(Places::CONE_LEVER, 'Lever closes', Option::each(LeverFeel::class), wanted: false),
                        Ask::length(Places::CONE_AXLE_BORE, 'Hole through the axle', wanted: false),
                    ],
                ...[
                    Ask::thread(Places::AXLE_THREAD, 'Thread of the axle'),
                    Ask::length(Places::CONE_RADIUS, 'Rim, radius where play is read', Instrument::SteelRule, wanted: false),
                    Ask::length(Places::CONE_SPACING, 'Between the rows of balls', wanted: false),
                ],
            )
            ->asking(...$tries)
            ->judged($coach?->verdict)
            ->markedDone($right)
            ->taking(8);
    }

    /** The thread that was read, or what an axle of that size usually has. */
    public static function thread(Bench $bench): string
    {
        $axle = $bench->hub->stack->one(PartKind::Axle)?->mm('diameter') ?? 10.0;

        return $bench->notebook->text(Places::AXLE_THREAD) ??
            match (true) {
                abs($axle - 9.525) < 0.2 => '3/8-26',
                abs($axle - 7.94) < 0.2 => '5/16-24',
                default => 'M'.rtrim(rtrim(sprintf('%.1f', max(4.0, $axle)), '0'), '.').' × 1',
            };
    }

    /** From row to row, as the hub is drawn. */
    private static function spacing(Limits $limits, Bench $bench): Length
    {
        $at = $bench->hub->layout()->at;
        $rows = array_values(array_filter($bench->hub->stack->line(), static fn ($p): bool => $p->kind === PartKind::Balls));
        if (count($rows) < 2) {
            return Length::mm($limits->get('cone.usual_spacing'));
        }
        $middle = static fn (string $id): float => array_sum($at[$id] ?? [0.0, 0.0]) / 2;

        return Length::mm(max(10.0, abs($middle($rows[count($rows) - 1]->id) - $middle($rows[0]->id))));
    }

    private static function circle(Limits $limits, Bench $bench): Length
    {
        foreach ($bench->hub->stack->line() as $part) {
            if ($part->kind === PartKind::Balls) {
                return $bench->notebook->length(PlacesOf::seat($part->id, 'circle')) ??
                    ($part->sizes['circle'] ?? Length::mm($limits->get('cone.usual_circle')));
            }
        }

        return Length::mm($limits->get('cone.usual_circle'));
    }

    /** @param  array<string, mixed>  $said */
    private static function word(array $said, string $key): string
    {
        return is_string($said[$key] ?? null) ? $said[$key] : '';
    }
}
