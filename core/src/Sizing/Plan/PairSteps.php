<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Plan;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Hub\HubUse;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Mechanics\Warmth\HubFinish;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubRole;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Verdict\Message;

/** Steps of sizing that a pair of bearings with a spacer tube has. */
final readonly class PairSteps
{
    public function __construct(private SizingRun $sizing)
    {
    }

    /** What the bearing on that side is. */
    public function bearing(Bench $bench, Side $side): Step
    {
        $at = 'size.'.$side->value;
        $byNumber = $this->sizing->byNumber($bench, $side);

        $step = Step::of(
            "$at.bearing",
            Message::plain($bench->hub->bearingName($side)),
            'What is stamped on the ring settles it. Nothing to read: caliper it, three places round.',
        )
            ->with(part: 'bearing_'.$side->value)
            ->on(Panel::Bearing)
            ->asking(
                Ask::number(PlacesOf::number($side->value), 'Stamped on the ring', wanted: false, hint: '6204 2RS'),
                Ask::length(PlacesOf::bearing($side->value, 'bore'), 'Bore', wanted: false),
                Ask::length(PlacesOf::bearing($side->value, 'outside'), 'Outside', wanted: false),
                Ask::length(PlacesOf::bearing($side->value, 'width'), 'Width', wanted: false),
                Ask::choice(
                    PlacesOf::bearing($side->value, 'state'),
                    'The rings are',
                    Option::of(['clean' => 'Clean', 'worn' => 'Worn', 'rusty' => 'Rusty']),
                    wanted: false,
                ),
            )
            ->judged(...$byNumber !== [] ? $byNumber : [$this->sizing->byCaliper($bench, $side)?->verdict])
            ->settledByGo($byNumber !== [] && ! $bench->notebook->has(PlacesOf::bearing($side->value, 'bore')))
            ->advice();

        return in_array($side, $bench->renewed(), true) || ! $bench->isPair() ? $step : $step->optional();
    }

    /** What the hub is of, and how it is used. */
    public function hub(Bench $bench): Step
    {
        $nipple =
            $bench->hub->stack->one(PartKind::Nipple) !== null
                ? [
                    Ask::choice(
                        Places::NIPPLE,
                        'The grease nipple',
                        Option::of(['used' => 'Is used', 'unused' => 'Nobody uses it']),
                        wanted: false,
                    ),
                ]
                : [];
        $step = Step::of(
            'size.hub',
            'The {body}',
            'What it is made of and what is near decides how warm it may get; its use decides seals and grease.',
        )
            ->asking(
                Ask::choice(
                    Places::MATERIAL,
                    'It is made of',
                    array_map(static fn (Material $m): Option => new Option($m->value, ucfirst($m->label())), Material::cases()),
                    wanted: $bench->isPair(),
                )->usually(Material::Aluminium->value),
                Ask::choice(Places::FINISH, 'On it', Option::each(HubFinish::class), wanted: $bench->isPair())
                    ->usually(HubFinish::Paint->value),
                Ask::choice(Places::USE, 'It is', self::uses($bench), wanted: false),
                Ask::choice(Places::WATER, 'Runs', Option::of(['dry' => 'In the dry', 'wet' => 'In the wet']), wanted: false),
                ...[
                    ...$nipple,
                    Ask::length(Places::HUB_OUTSIDE, Message::plain('Outside of the {body}, round the bearing'), wanted: false),
                    Ask::temperature(Places::ROOM, 'Shop is at', wanted: false),
                ],
            )
            ->ordinarily('As most are: aluminium, painted')
            ->advice();

        return $bench->isPair() ? $step : $step->optional();
    }

    /** @return list<Option> how such a hub may be used: no blade on a wheel, no road under a spindle */
    private static function uses(Bench $bench): array
    {
        $card = $bench->pattern->card();
        $may = match ($card->role) {
            HubRole::Wheel => [HubUse::FastWheel, HubUse::SlowWheel],
            HubRole::Idler => [HubUse::SlowWheel, HubUse::Pivot],
            HubRole::Blade => [HubUse::Blade],
            HubRole::Freehub => [HubUse::FastWheel],
        };

        return array_values(
            array_filter(
                Option::each(HubUse::class),
                static fn (Option $o): bool => $o->value === $card->use->value || in_array(HubUse::from($o->value), $may, true),
            ),
        );
    }

    /** Shoulder, spacer tube and faces. */
    public function lengths(): Step
    {
        return Step::of('size.lengths', 'Shoulder, spacer tube, faces', 'Depths are read from its face with the rod of the caliper.')
            ->with(
                why: 'With one shoulder the spacer tube is the stop of the second bearing: these lengths say where it comes to rest.',
                part: 'sleeve',
            )
            ->asking(
                Ask::choice(
                    Places::LEDGES,
                    Message::plain('Shoulders in the {body}'),
                    Option::of(['one' => 'One: the spacer tube stops the second', 'two' => 'Two: both sides stop']),
                ),
                Ask::length(Places::OVER_FACES, 'Over both faces'),
                Ask::depth(Places::LEDGE_DEPTH, 'Face to shoulder, first side'),
                Ask::length(Places::SLEEVE_LENGTH, 'Spacer tube, length'),
                Ask::depth(Places::GROOVE_EDGE, 'Face to the groove\'s inner edge', wanted: false),
                Ask::length(Places::LEDGE_SPAN, 'Shoulder to shoulder, when there are two', wanted: false),
            )
            ->advice();
    }

    /** Whether the bore on that side will hold. */
    public function bore(Bench $bench, Findings $findings, Side $side): Step
    {
        $seat = $this->sizing->seat($bench, $side);

        return Step::of(
            'size.'.$side->value.'.bore',
            'Will the bore hold: {part}',
            $this->isLined($bench, $side)
                ? 'The bore of the made ring, once it stands in the {body}: up to three depths, three directions; or how a ring goes in.'
                : 'Up to three depths, three directions; or none, and how a ring goes in.',
            ['part' => Message::within($bench->hub->bearingName($side))],
        )
            ->with(
                tool: 'Caliper with sharp jaws, or a bore gauge',
                find: 'Bright rings, grip at the mouth only, rust at the lip.',
                why: SeatUse::of($bench, $side->value, RingSeat::Bore) === SeatMeant::StandsStill
                    ? 'Pressed here: {fit}. The load stands still on this ring: ring, cover or nut keeps it; the inner one is clamped.'
                    : 'Pressed here: {fit}. It turns under the load, and creeps when it is loose.',
                part: 'bearing_'.$side->value,
                values: ['fit' => Message::plain($bench->pattern->card()->fit)],
            )
            ->on(Panel::Survey)
            ->asking(...$seat->asks())
            ->judged($seat->warmVerdict(), $findings->fit($side)?->verdict, $seat->survey()?->verdict)
            ->settledByGo($bench->notebook->has(PlacesOf::feel($side->value)));
    }

    /** Whether a ring was made round the bearing of that side: then its bore is the one that must hold. */
    private function isLined(Bench $bench, Side $side): bool
    {
        $on = array_filter($bench->hub->stack->cartridges(), static fn (Part $p): bool => $p->side === $side);

        return $on !== [] && $bench->hub->stack->ringRound(array_values($on)[0]) !== null;
    }
}
