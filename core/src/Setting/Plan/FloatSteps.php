<?php

declare(strict_types=1);

namespace CleanRace\Core\Setting\Plan;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Setting\Float\AxleFloat;
use CleanRace\Core\Setting\Float\FloatInput;
use CleanRace\Core\Setting\Float\FloatResult;
use CleanRace\Core\Setting\Float\WasherStock;
use CleanRace\Core\Setting\Float\WheelCentre;
use CleanRace\Core\Setting\Float\WheelCentreInput;
use CleanRace\Core\Setting\Float\WheelCentreResult;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Verdict\Message;

/** End float of a wheel on a plain axle, and the rim in its fork: both made up of washers. */
final class FloatSteps
{
    /** From the notebook; null while the room was not read. */
    public static function float(Limits $limits, Bench $bench): ?FloatResult
    {
        $notebook = $bench->notebook;
        [$space, $wheel] = [$notebook->reading(Places::FLOAT_SPACE), $notebook->reading(Places::FLOAT_WHEEL)];

        return $space === null || $wheel === null
            ? null
            : (new AxleFloat($limits))->work(
                new FloatInput(
                    $space,
                    $wheel,
                    $notebook->reading(Places::FLOAT_WASHERS),
                    self::stock($bench),
                    $notebook->choice(Places::FLOAT_BOTH) !== 'one',
                ),
            );
    }

    /** The step at which float is made up of washers. */
    public static function floatStep(?FloatResult $float): Step
    {
        return Step::of(
            'set.float',
            'A little float',
            'Wheel pushed home, room read between ring or pin and shoulder. A thrust washer on each side.',
        )
            ->with(
                why: 'Without float it drags; without washers the bearing runs on the pin and wears it through.',
                part: 'washer_left',
            )
            ->on(Panel::AxleFloat)
            ->asking(
                Ask::length(Places::FLOAT_SPACE, 'Room between the retainers', wanted: false),
                Ask::length(Places::FLOAT_WHEEL, 'Wheel, width over its bearings', wanted: false),
                Ask::length(Places::FLOAT_WASHERS, 'Washers in it, together', wanted: false),
                Ask::choice(
                    Places::FLOAT_BOTH,
                    'Thrust washers',
                    Option::of(['both' => 'Both sides', 'one' => 'One side only']),
                    wanted: false,
                ),
            )
            ->judged($float?->verdict)
            ->taking(4);
    }

    /** From the notebook; null while the wheel was not measured. */
    public static function centre(Limits $limits, Bench $bench): ?WheelCentreResult
    {
        $notebook = $bench->notebook;
        $read = static fn (string $name): ?Length => $notebook->length(PlacesOf::centre($name));
        [$left, $right] = [$notebook->reading(Places::CENTRE_GAP_LEFT), $notebook->reading(Places::CENTRE_GAP_RIGHT)];
        $spacers = [
            $read('spacer_left') ?? self::spacer($bench, 'spacer_left'),
            $read('spacer_right') ?? self::spacer($bench, 'spacer_right'),
        ];
        if ($left !== null && $right !== null) {
            return (new WheelCentre($limits, $bench->pattern->card()->sideNames()))->work(
                new WheelCentreInput(
                    gapLeft: $left,
                    gapRight: $right,
                    spacerLeft: $spacers[0],
                    spacerRight: $spacers[1],
                    washers: self::stock($bench),
                ),
            );
        }
        [$fork, $faceLeft, $faceRight] = [
            $notebook->reading(Places::CENTRE_FORK),
            $notebook->reading(Places::CENTRE_FACE_LEFT),
            $notebook->reading(Places::CENTRE_FACE_RIGHT),
        ];

        return $fork === null || $faceLeft === null || $faceRight === null
            ? null
            : (new WheelCentre($limits, $bench->pattern->card()->sideNames()))->work(
                new WheelCentreInput($fork, $faceLeft, $faceRight, washers: self::stock($bench)),
            );
    }

    /** The step at which the rim is put in the middle. */
    public static function centreStep(Bench $bench, ?WheelCentreResult $centre): Step
    {
        $sides = $bench->pattern->card()->sideNames();
        $of = static fn (string $key, string $what, Side $side): Message => Message::of(
            "centre.asked.$key",
            $what.', {side}',
            ['side' => $sides->within($side)],
        );

        return Step::of(
            'set.centre',
            'Rim in the middle',
            'Try it in the fork and read the gap from rim to leg on both sides; or measure fork and hub and cut the spacers.',
        )
            ->on(Panel::Centre)
            ->asking(
                Ask::length(Places::CENTRE_GAP_LEFT, $of('gap', 'Rim to leg', Side::Left), Instrument::SteelRule, wanted: false),
                Ask::length(Places::CENTRE_GAP_RIGHT, $of('gap', 'Rim to leg', Side::Right), Instrument::SteelRule, wanted: false),
                Ask::length(Places::CENTRE_SPACER_LEFT, $of('spacer', 'Spacer in it', Side::Left), wanted: false),
                Ask::length(Places::CENTRE_SPACER_RIGHT, $of('spacer', 'Spacer in it', Side::Right), wanted: false),
                Ask::length(Places::CENTRE_FORK, 'Between the fork legs', wanted: false),
                Ask::length(Places::CENTRE_FACE_LEFT, $of('face', 'Middle of rim to face', Side::Left), wanted: false),
                Ask::length(Places::CENTRE_FACE_RIGHT, $of('face', 'Middle of rim to face', Side::Right), wanted: false),
            )
            ->judged($centre?->verdict)
            ->holdingStopsOnly()
            ->optional()
            ->taking(4);
    }

    /** @return list<WasherStock> thick enough to be told apart, from the tool wall */
    private static function stock(Bench $bench): array
    {
        $axle = $bench->hub->stack->one(PartKind::Axle)?->mm('diameter') ?? 0.0;
        $stock = [];
        foreach ($bench->wall as $tool) {
            if (
                $tool->kind === ToolKind::Washer &&
                $tool->length !== null &&
                ($tool->opening === null || ($tool->opening->mm >= $axle && $tool->opening->mm < $axle + 4))
            ) {
                $stock[] = new WasherStock($tool->length, min(20, max(1, $tool->count)));
            }
        }

        return $stock;
    }

    private static function spacer(Bench $bench, string $id): Length
    {
        return $bench->hub->stack->find($id)->sizes['length'] ?? Length::mm(0);
    }
}
