<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Plan;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Hub\HubUse;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Nonsense;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Fit\SlidingFit;
use CleanRace\Core\Mechanics\Fit\SlidingFitInput;
use CleanRace\Core\Mechanics\Warmth\HubFinish;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Sizing\Grease\Thickener;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** The third station: what the parts are, and whether their seats will hold new ones. */
final readonly class Size
{
    public function __construct(private Limits $limits, private Finder $finder)
    {
    }

    public function report(Bench $bench, Findings $findings): StationReport
    {
        $parts = (new PartSizing($this->limits))->steps($bench);
        $steps = $bench->isPair()
            ? [
                $this->bearing($bench, Side::Left),
                $this->bearing($bench, Side::Right),
                ...$parts,
                $this->hub($bench),
                $this->lengths(),
                $this->bore($bench, $findings, Side::Left),
                $this->bore($bench, $findings, Side::Right),
                $this->axle($bench),
                $this->force($findings),
                $this->grease($bench),
            ]
            : [
                ...$parts,
                $this->hub($bench),
                ...(new Seats($this->limits))->steps($bench),
                ...$bench->pattern->card()->grips === [RingSeat::Bore] ? [$this->axle($bench)] : [],
                $this->grease($bench),
            ];

        return StationReport::of(
            Station::Size,
            [...$bench->pattern->card()->converted ? [Converted::step(Converted::work($this->limits, $bench))] : [], ...$steps],
            $bench->notebook,
        );
    }

    /** @return list<SeatFinding> */
    public function seats(Bench $bench, Findings $findings): array
    {
        return $bench->isPair()
            ? array_map(
                fn (Side $side): SeatFinding => SeatFinding::of(
                    $side->value,
                    RingSeat::Bore,
                    $this->finder->seat($bench, $side)->survey(),
                    $findings->fit($side),
                ),
                [Side::Left, Side::Right],
            )
            : (new Seats($this->limits))->findings($bench);
    }

    private function bearing(Bench $bench, Side $side): Step
    {
        $at = 'size.'.$side->value;
        $byNumber = $this->finder->byNumber($bench, $side);

        return Step::of(
            "$at.bearing",
            $side === Side::Left ? 'The left bearing' : 'The right bearing',
            'What is stamped on the ring settles it. Nothing to read: caliper it, three places round.',
        )
            ->with(part: 'bearing_'.$side->value)
            ->on(Panel::Bearing)
            ->asking(
                Ask::number(Places::number($side->value), 'Stamped on the ring', wanted: false, hint: '6204 2RS'),
                Ask::length(Places::bearing($side->value, 'bore'), 'Bore', wanted: false),
                Ask::length(Places::bearing($side->value, 'outside'), 'Outside', wanted: false),
                Ask::length(Places::bearing($side->value, 'width'), 'Width', wanted: false),
                Ask::choice(
                    Places::bearing($side->value, 'state'),
                    'The rings are',
                    Option::of(['clean' => 'Clean', 'worn' => 'Worn', 'rusty' => 'Rusty']),
                    wanted: false,
                ),
            )
            ->judged(...$byNumber !== [] ? $byNumber : [$this->finder->byCaliper($bench, $side)?->verdict])
            ->advice();
    }

    private function hub(Bench $bench): Step
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
            'The hub',
            'What it is made of and what is near decides how warm it may get; its use decides seals and grease.',
        )
            ->asking(
                Ask::choice(
                    Places::MATERIAL,
                    'Hub is',
                    array_map(static fn (Material $m): Option => new Option($m->value, ucfirst($m->label())), Material::cases()),
                    wanted: $bench->isPair(),
                ),
                Ask::choice(Places::FINISH, 'On it', Option::each(HubFinish::class), wanted: $bench->isPair()),
                Ask::choice(Places::USE, 'It is', Option::each(HubUse::class), wanted: false),
                Ask::choice(Places::WATER, 'Runs', Option::of(['dry' => 'In the dry', 'wet' => 'In the wet']), wanted: false),
                ...[
                    ...$nipple,
                    Ask::length(Places::HUB_OUTSIDE, 'Outside of the hub, round the bearing', wanted: false),
                    Ask::temperature(Places::ROOM, 'Shop is at', wanted: false),
                ],
            )
            ->advice();

        return $bench->isPair() ? $step : $step->optional();
    }

    private function lengths(): Step
    {
        return Step::of('size.lengths', 'Ledge, sleeve, faces', 'Depths are read from the hub face with the rod of the caliper.')
            ->with(
                why: 'With one ledge the sleeve is the stop of the second bearing: these lengths say where it comes to rest.',
                part: 'sleeve',
            )
            ->asking(
                Ask::choice(
                    Places::LEDGES,
                    'Ledges in the hub',
                    Option::of(['one' => 'One: the sleeve stops the second', 'two' => 'Two: both sides stop']),
                ),
                Ask::length(Places::OVER_FACES, 'Hub over its faces'),
                Ask::depth(Places::LEDGE_DEPTH, 'Face to ledge, first side'),
                Ask::length(Places::SLEEVE_LENGTH, 'Sleeve, length'),
                Ask::depth(Places::GROOVE_EDGE, 'Face to the groove\'s inner edge', wanted: false),
                Ask::length(Places::LEDGE_SPAN, 'Ledge to ledge, when there are two', wanted: false),
            )
            ->advice();
    }

    private function bore(Bench $bench, Findings $findings, Side $side): Step
    {
        $seat = $this->finder->seat($bench, $side);

        return Step::of(
            'size.'.$side->value.'.bore',
            $side === Side::Left ? 'Will the left bore hold' : 'Will the right bore hold',
            'Up to three depths, three directions; or none, and how a ring goes in.',
        )
            ->with(
                tool: 'Caliper with sharp jaws, or a bore gauge',
                find: 'Bright rings, grip at the mouth only, rust at the lip.',
                why: 'Pressed here: {fit}. The ring that turns against the load creeps when it is loose.',
                part: 'bearing_'.$side->value,
                values: ['fit' => Message::plain($bench->pattern->card()->fit)],
            )
            ->on(Panel::Survey)
            ->asking(...$seat->asks())
            ->judged($seat->warmVerdict(), $findings->fit($side)?->verdict, $seat->survey()?->verdict);
    }

    /** The ring that slides: axle against the bore of each bearing. */
    private function axle(Bench $bench): Step
    {
        $rings = array_values(
            array_filter(
                $bench->hub->stack->parts,
                static fn (Part $p): bool => $p->kind->isCartridge() || $p->kind === PartKind::Bush || $p->kind === PartKind::TaperCone,
            ),
        );
        $asks = array_map(
            static fn (Part $p): Ask => Ask::length(
                Places::sizedBy('axle', $p->id),
                Message::of('size.axle.carries', 'Where it carries: {part}', ['part' => Message::within($p->name)]),
                Instrument::Micrometer,
                wanted: false,
            ),
            $rings,
        );
        $verdicts = array_map(fn (Part $p): ?Verdict => $this->slides($bench, $p), $rings);

        return Step::of(
            'size.axle',
            'Does the axle slide',
            'It passes the inner rings by hand. One that needs blows is bent, burred or rusty.',
        )
            ->with(tool: 'Micrometer', find: 'A bright step where an inner ring has turned.', part: 'axle')
            ->asking(...$asks)
            ->asking(
                Ask::choice(
                    Places::sizedBy('axle', 'feel'),
                    'How it goes through the new ring',
                    Option::each(FitFeel::class),
                    wanted: false,
                ),
            )
            ->judged(...$verdicts)
            ->advice()
            ->optional();
    }

    private function slides(Bench $bench, Part $ring): ?Verdict
    {
        $reading = $bench->notebook->reading(Places::sizedBy('axle', $ring->id), Instrument::Micrometer);
        $feel = FitFeel::tryFrom($bench->notebook->choice(Places::sizedBy('axle', 'feel')) ?? '');
        try {
            return $reading === null && $feel === null
                ? null
                : (new SlidingFit($this->limits))->work(new SlidingFitInput(Length::mm($ring->mm('bore')), $reading, $feel))->verdict;
        } catch (Nonsense) {
            return null;
        }
    }

    private function force(Findings $findings): Step
    {
        return Step::of('size.force', 'Heat and force', 'What the fit asks of hub and press. Both together lower each other.')
            ->with(caution: 'Gloves, no solvent near, extinguisher at hand. A hot hub looks like a cold one.')
            ->asking(
                Ask::choice(
                    Places::WAY_IN,
                    'How it will go in',
                    Option::of(['draw_bolt' => 'Draw bolt', 'press' => 'Press', 'hammer' => 'Hammer and driver']),
                ),
            )
            ->judged(
                $findings->heat($findings->sizes->first)?->verdict,
                $findings->force($findings->sizes->first)?->verdict,
                $findings->clearance?->verdict,
            )
            ->holdingStopsOnly();
    }

    private function grease(Bench $bench): Step
    {
        $kinds = array_map(static fn (Thickener $t): Option => new Option($t->value, ucfirst($t->label())), Thickener::cases());

        return Step::of('size.grease', 'Grease', 'How much, and which seal comes out. The thickener stands on the tin.')
            ->asking(
                Ask::choice(Places::GREASE_OLD, 'What was in it', $kinds, wanted: false),
                Ask::choice(Places::GREASE_NEW, 'What goes in', $kinds, wanted: false),
                Ask::length(Places::CAVITY_OUTSIDE, 'Cavity between the bearings: inside of the hub', wanted: false),
                Ask::length(Places::CAVITY_INSIDE, 'Cavity: outside of shaft or sleeve', wanted: false),
                Ask::length(Places::CAVITY_LENGTH, 'Cavity: length', wanted: false),
            )
            ->judged((new HubGrease($this->limits))->of($bench)?->verdict)
            ->advice()
            ->optional();
    }
}
