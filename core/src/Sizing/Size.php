<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing;

use CleanRace\Core\Catalogue\Material;
use CleanRace\Core\Hub\Ask;
use CleanRace\Core\Hub\Option;
use CleanRace\Core\Hub\Panel;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\Places;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Station;
use CleanRace\Core\Hub\StationReport;
use CleanRace\Core\Hub\Step;
use CleanRace\Core\Tooling\Bench;

/** The third station: what the bearings are, and whether the bores will hold new ones. */
final readonly class Size
{
    public function __construct(private Finder $finder)
    {
    }

    public function report(Bench $bench, Findings $findings): StationReport
    {
        if (! $bench->isPair()) {
            return StationReport::of(Station::Size, [self::byHand($bench)], $bench->notebook);
        }

        return StationReport::of(Station::Size, [
            $this->bearing($bench, Side::Left),
            $this->bearing($bench, Side::Right),
            Step::of('size.hub', 'The hub', 'What it is made of and what is near decides how warm it may get.')
                ->asking(
                    Ask::choice(Places::MATERIAL, 'Hub is', array_map(static fn (Material $m): Option => new Option($m->value, ucfirst($m->label())), Material::cases())),
                    Ask::choice(Places::FINISH, 'On it', Option::each(HubFinish::class)),
                    Ask::length(Places::HUB_OUTSIDE, 'Outside of the hub, round the bearing', wanted: false),
                    Ask::temperature(Places::ROOM, 'Shop is at', wanted: false),
                )->advice(),
            Step::of('size.lengths', 'Ledge, sleeve, faces', 'Depths are read from the hub face with the rod of the caliper.')
                ->with(why: 'With one ledge the sleeve is the stop of the second bearing: these lengths say where it comes to rest.', part: 'sleeve')
                ->asking(
                    Ask::choice(Places::LEDGES, 'Ledges in the hub', Option::of(['one' => 'One: the sleeve stops the second', 'two' => 'Two: both sides stop'])),
                    Ask::length(Places::OVER_FACES, 'Hub over its faces'),
                    Ask::depth(Places::LEDGE_DEPTH, 'Face to ledge, first side'),
                    Ask::length(Places::SLEEVE_LENGTH, 'Sleeve, length'),
                    Ask::depth(Places::GROOVE_EDGE, 'Face to the groove\'s inner edge', wanted: false),
                    Ask::length(Places::LEDGE_SPAN, 'Ledge to ledge, when there are two', wanted: false),
                )->advice(),
            $this->bore($bench, $findings, Side::Left),
            $this->bore($bench, $findings, Side::Right),
            Step::of('size.force', 'Heat and force', 'What the fit asks of hub and press. Both together lower each other.')
                ->with(caution: 'Gloves, no solvent near, extinguisher at hand. A hot hub looks like a cold one.')
                ->asking(Ask::choice('size.way', 'How it will go in', Option::of(['draw_bolt' => 'Draw bolt', 'press' => 'Press', 'hammer' => 'Hammer and driver'])))
                ->judged($findings->heat($findings->sizes->first)?->verdict, $findings->force($findings->sizes->first)?->verdict, $findings->clearance?->verdict)
                ->holdingStopsOnly(),
        ], $bench->notebook);
    }

    /** A hub that is no pair: what is stamped on its parts, or what the caliper says, as text. */
    private static function byHand(Bench $bench): Step
    {
        $parts = array_values(array_filter($bench->hub->stack->line(), static fn (Part $p): bool => $p->kind->isRenewed()));

        return Step::of('size.parts', 'Numbers and sizes', 'What is stamped settles it. Nothing to read: caliper bore, outside and width, three places round. The Finder turns a number into sizes, and sizes into a number.')
            ->with(why: 'Fit, heat and force of this kind of hub are not worked out in the job yet: the calculators in the Finder do it one at a time.')
            ->asking(...array_map(static fn (Part $p): Ask => Ask::text('size.part.'.$p->id, $p->name, wanted: false, hint: 'number, or 30 × 60 × 37'), $parts))
            ->asking(Ask::text('size.note', 'Bore, shaft, fit', wanted: false))->advice();
    }

    private function bearing(Bench $bench, Side $side): Step
    {
        $at = 'size.'.$side->value;
        $verdict = $this->finder->byNumber($bench, $side)->verdict ?? $this->finder->byCaliper($bench, $side)?->verdict;

        return Step::of("$at.bearing", 'The '.$side->value.' bearing', 'What is stamped on the ring settles it. Nothing to read: caliper it, three places round.')
            ->with(part: 'bearing_'.$side->value)
            ->asking(
                Ask::number(Places::number($side), 'Stamped on the ring', wanted: false, hint: '6204 2RS'),
                Ask::length("$at.bore", 'Bore', wanted: false),
                Ask::length("$at.outside", 'Outside', wanted: false),
                Ask::length("$at.width", 'Width', wanted: false),
                Ask::choice("$at.state", 'The rings are', Option::of(['clean' => 'Clean', 'worn' => 'Worn', 'rusty' => 'Rusty']), wanted: false),
            )->judged($verdict)->advice();
    }

    private function bore(Bench $bench, Findings $findings, Side $side): Step
    {
        $asks = [];
        foreach (Finder::DEPTHS as $depth) {
            foreach (Finder::DIRECTIONS as $clock) {
                $asks[] = Ask::length(Places::bore($side, $depth->value, $clock), ucfirst($depth->value)." at $clock", wanted: false, at: "{$depth->value}:$clock");
            }
        }
        $fit = $findings->fit($side)?->verdict;
        $survey = $this->finder->survey($bench, $side)?->verdict;

        return Step::of('size.'.$side->value.'.bore', 'Will the '.$side->value.' bore hold', 'Two depths, three directions; or none, and how a ring goes in.')
            ->with(tool: 'Caliper with sharp jaws, or a bore gauge', find: 'Bright rings, grip at the mouth only, rust at the lip.', part: 'bearing_'.$side->value)
            ->on(Panel::Survey)
            ->asking(...[...$asks,
                Ask::choice(Places::feel($side), 'How a ring goes in', Option::each(FitFeel::class), wanted: false),
                Ask::choice(Places::remedy($side), 'When loose', Option::of(['compound' => 'Compound, owner told', 'sleeve' => 'Sleeve or new hub']), wanted: false),
            ])
            ->judged($fit, $survey);
    }
}
