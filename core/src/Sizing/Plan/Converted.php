<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Plan;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Sizing\Conversion\Conversion;
use CleanRace\Core\Sizing\Conversion\ConversionInput;
use CleanRace\Core\Sizing\Conversion\ConversionResult;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;

/** A hub whose cups were driven out: the step at which cartridges for its seats are chosen. */
final class Converted
{
    /** From the notebook; null while a seat was not read. */
    public static function work(Limits $limits, Bench $bench): ?ConversionResult
    {
        $notebook = $bench->notebook;
        [$left, $right] = [
            $notebook->reading(Places::CUP_SEAT_LEFT, Instrument::BoreGauge),
            $notebook->reading(Places::CUP_SEAT_RIGHT, Instrument::BoreGauge),
        ];
        if (! $bench->pattern->card()->converted || $left === null || $right === null) {
            return null;
        }
        $axle =
            $notebook->length(Places::AXLE_DIAMETER) ?? ($bench->hub->stack->one(PartKind::Axle)->sizes['diameter'] ?? Length::mm(10));

        return (new Conversion($limits))->work(
            new ConversionInput(
                $left,
                $right,
                $axle,
                $notebook->reading(Places::CUP_SEAT_DEPTH, Instrument::DepthCaliper),
                $notebook->reading(Places::LEDGE_SPAN),
            ),
        );
    }

    /** The step at which the cartridges are chosen. */
    public static function step(?ConversionResult $result): Step
    {
        return Step::of(
            'size.conversion',
            'Cartridges for the old seats',
            'Cups out, seats wiped. Measure both seats and the axle: which cartridge goes in, and what must be made for it.',
        )
            ->with(
                tool: 'Bore gauge; caliper when there is none',
                why: 'The seats were made for cups: no two are alike, and a ring that creeps wears them out.',
                part: 'housing',
            )
            ->on(Panel::Conversion)
            ->asking(
                Ask::length(Places::CUP_SEAT_LEFT, 'Left seat', Instrument::BoreGauge, wanted: false),
                Ask::length(Places::CUP_SEAT_RIGHT, 'Right seat', Instrument::BoreGauge, wanted: false),
                Ask::length(Places::AXLE_DIAMETER, 'Axle', wanted: false),
                Ask::depth(Places::CUP_SEAT_DEPTH, 'Depth of the seats', wanted: false),
                Ask::length(Places::LEDGE_SPAN, 'Shoulder to shoulder', wanted: false)->borrowed(),
            )
            ->judged($result?->verdict)
            ->advice()
            ->optional()
            ->taking(8);
    }
}
