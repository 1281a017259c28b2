<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Plan;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Fit\FitFeel;
use CleanRace\Core\Mechanics\Fit\SlidingFit;
use CleanRace\Core\Mechanics\Fit\SlidingFitInput;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Sizing\Grease\Thickener;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** The third station: what the parts are, and whether their seats will hold new ones. */
final readonly class Size
{
    public function __construct(private Limits $limits, private SizingRun $sizing)
    {
    }

    /** The station as it stands. */
    public function report(Bench $bench, Findings $findings): StationReport
    {
        $parts = (new PartSizeSteps(new PartSizing($this->limits)))->steps($bench);
        $pair = new PairSteps($this->sizing);
        $steps = $bench->isPair()
            ? [
                $pair->bearing($bench, Side::Left),
                $pair->bearing($bench, Side::Right),
                ...$parts,
                $pair->hub($bench),
                $pair->lengths(),
                ...array_map(static fn (Side $s): Step => $pair->bore($bench, $findings, $s), $bench->renewed()),
                $this->axle($bench),
                $this->force($findings),
                $this->grease($bench),
            ]
            : [
                ...$parts,
                $pair->hub($bench),
                ...(new Seats($this->limits))->steps($bench),
                ...$bench->pattern->card()->grips === [RingSeat::Bore] ? [$this->axle($bench)] : [],
                $this->grease($bench),
            ];

        return StationReport::of(
            Station::Size,
            [...Converted::steps($this->limits, $bench), ...$steps],
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
                    $this->sizing->seat($bench, $side)->survey(),
                    $findings->fit($side),
                ),
                $bench->renewed(),
            )
            : (new Seats($this->limits))->findings($bench);
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
                PlacesOf::sizedBy('axle', $p->id),
                $bench->hub->stack->bushIn($p) === null
                    ? Message::of('size.axle.carries', 'Where it carries: {part}', ['part' => Message::within($p->name)])
                    : Message::of('size.axle.bush', 'Outside of the bush: {part}', ['part' => Message::within($p->name)]),
                Instrument::Micrometer,
                wanted: false,
            ),
            $rings,
        );
        $verdicts = array_map(fn (Part $p): ?Verdict => $this->slides($bench, $p), $rings);

        return Step::of(
            'size.axle',
            'Does the {shaft} slide',
            'It passes the inner rings by hand. One that needs blows is bent, burred or rusty.',
        )
            ->with(tool: 'Micrometer', find: 'A bright step where an inner ring has turned.', part: 'axle')
            ->asking(...$asks)
            ->asking(
                Ask::choice(
                    PlacesOf::sizedBy('axle', 'feel'),
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
        $reading = $bench->notebook->reading(PlacesOf::sizedBy('axle', $ring->id), Instrument::Micrometer);
        $feel = FitFeel::tryFrom($bench->notebook->choice(PlacesOf::sizedBy('axle', 'feel')) ?? '');
        if ($reading === null && $feel === null) {
            return null;
        }
        $meant = $bench->pattern->card()->inner;
        try {
            return (new SlidingFit($this->limits))->work(
                new SlidingFitInput(Length::mm($ring->mm('bore')), $reading, $feel, $meant),
            )->verdict;
        } catch (InvalidInput) {
            return null;
        }
    }

    private function force(Findings $findings): Step
    {
        return Step::of('size.force', 'Heat and force', 'What the fit asks of {body} and press. A warm one needs less force.')
            ->with(caution: 'Gloves, no solvent near, extinguisher at hand. A hot {body} looks like a cold one.')
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
                Ask::length(Places::CAVITY_OUTSIDE, Message::plain('Cavity between the bearings: inside of the {body}'), wanted: false),
                Ask::length(Places::CAVITY_INSIDE, 'Cavity: outside of shaft or spacer tube', wanted: false),
                Ask::length(Places::CAVITY_LENGTH, 'Cavity: length', wanted: false),
            )
            ->judged((new HubGrease($this->limits))->of($bench)?->verdict)
            ->advice()
            ->optional();
    }
}
