<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Plan;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Sizing\Conversion\Conversion;
use CleanRace\Core\Sizing\Conversion\ConversionInput;
use CleanRace\Core\Sizing\Conversion\ConversionResult;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;

/** A hub whose cups were driven out: the steps at which cartridges for its seats are chosen, and made rings set in. */
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

        return (new Conversion($limits, $bench->pattern->card()->sideNames()))->work(
            new ConversionInput(
                $left,
                $right,
                $axle,
                $notebook->reading(Places::CUP_SEAT_DEPTH, Instrument::DepthCaliper),
                $notebook->reading(Places::LEDGE_SPAN),
                $notebook->text(PlacesOf::number(Side::Left->value)),
            ),
        );
    }

    /** @return list<Step> at which the cartridges are chosen, and the rings set in that are made for them */
    public static function steps(Limits $limits, Bench $bench): array
    {
        return [
            ...$bench->pattern->card()->converted ? [self::chosen(self::work($limits, $bench), $bench)] : [],
            ...array_map(self::ring(...), $bench->hub->stack->ofKind(PartKind::SeatRing)),
        ];
    }

    private static function chosen(?ConversionResult $result, Bench $bench): Step
    {
        $card = $bench->pattern->card();
        $made = [];
        foreach (['ring' => '{side} ring', 'bush' => '{side} bush'] as $what => $name) {
            foreach ([Side::Left, Side::Right] as $side) {
                $made[] = new Option(
                    "{$what}_{$side->value}",
                    Message::of("convert.part.$what", $name, ['side' => Message::plain($card->sideName($side))]),
                );
            }
        }

        $sides = $bench->pattern->card()->sideNames();
        $seat = static fn (Side $side): Message => Message::of('convert.on.seat', 'Seat, {side}', ['side' => $sides->within($side)]);

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
                Ask::length(Places::CUP_SEAT_LEFT, $seat(Side::Left), Instrument::BoreGauge, wanted: false),
                Ask::length(Places::CUP_SEAT_RIGHT, $seat(Side::Right), Instrument::BoreGauge, wanted: false),
                Ask::length(Places::AXLE_DIAMETER, 'Axle', wanted: false),
                Ask::depth(Places::CUP_SEAT_DEPTH, 'Depth of the seats', wanted: false),
                Ask::length(Places::LEDGE_SPAN, 'Shoulder to shoulder', wanted: false)->borrowed(),
                Ask::number(PlacesOf::number(Side::Left->value), 'Bearing to go in', wanted: false, hint: '6201 2RS')->borrowed(),
                Ask::choices(Places::MADE, 'Made for it', $made, wanted: false),
            )
            ->judged($result?->verdict)
            ->advice()
            ->optional()
            ->taking(8);
    }

    /** A made ring is in before its bore is measured: the bearing is judged by that bore, not by the old seat. */
    private static function ring(Part $ring): Step
    {
        return Step::of("size.{$ring->id}", '{ring}: into the old seat', 'Turned a hair over the seat, pressed in or set in compound, '
            .'down to the shoulder all round. Its bore is measured once it is in.', ['ring' => Message::plain($ring->name)])
            ->with(
                tool: 'Lathe, or a turner; draw bolt and flat plates',
                find: 'A burr at its mouth, a gap at the shoulder.',
                why: 'Pressed in it grows a little smaller inside: finish its bore, or measure it, when it stands in the {body}.',
                caution: 'Turned edges cut. Compound cures before anything is pressed into the ring.',
                part: $ring->id,
            )
            ->asking(Ask::part($ring, PartState::Fitted))
            ->taking(20);
    }
}
