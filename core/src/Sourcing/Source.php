<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Hub\Side;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Sizing\Plan\Findings;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Verdict;

/** The fourth station: what to buy, and whether what came matches what came out. */
final readonly class Source
{
    public function __construct(private Limits $limits)
    {
    }

    /**
     * The station as it stands.
     *
     * @param  list<ToBuy>  $lines what is to be bought
     */
    public function report(Bench $bench, Findings $findings, array $lines): StationReport
    {
        $here = Ask::tick(PlacesOf::done('source.list'), 'Everything is here')->saidOf(self::named($lines));

        return StationReport::of(
            Station::Source,
            [
                Step::of('source.list', 'The list to buy', 'By number, a counter has it for a fraction of the machine maker\'s price.')
                    ->on(Panel::BuyingList)
                    ->asking(...[...Kit::asks($bench->notebook, $bench->hub->stack->parts), $here])
                    ->judged(...$bench->notebook->done($here->place) && ! $here->isEntered($bench->notebook) ? [self::more()] : [])
                    ->advice(),
                $this->assembly(),
                ...(new CustomerWord())->steps($bench->notebook),
                ...array_map(fn (Side $side): Step => $this->match($bench, $side), $bench->renewed()),
                ...(new PartMatches())->steps($bench),
            ],
            $bench->notebook,
        );
    }

    /**
     * What stands on the list, as names that change with what is asked for and with how many.
     *
     * @param  list<ToBuy>  $lines
     */
    private static function named(array $lines): string
    {
        return implode(
            ',',
            array_map(
                static fn (ToBuy $line): string => hash('crc32b', Message::plain($line->askFor)->inEnglish()."|$line->quantity"),
                $lines,
            ),
        );
    }

    private static function more(): Verdict
    {
        return Verdict::care(
            Message::of('list.more', 'The list has more on it now'),
            Message::of('list.more.say', 'When it was said that everything is here, a line was not on it, or was another.'),
        )->next(Message::of('list.more.next', 'Look at the list again, and say so once it is here.'));
    }

    private function assembly(): Step
    {
        return Step::of(
            'source.assembly',
            'Bearings or the assembly',
            'What the machine\'s maker asks for the whole of it, against bearings and the bench.',
        )
            ->on(Panel::Assembly)
            ->asking(
                Ask::text(Places::ASSEMBLY_PRICE, 'The assembly, new', wanted: false, hint: '240.00'),
                Ask::text(Places::ASSEMBLY_MINUTES, 'Minutes to fit it', wanted: false, hint: '30'),
                Ask::choice(
                    Places::ASSEMBLY_RISK,
                    'Bore or shaft turns out worn',
                    Option::of(['hardly' => 'Hardly', 'may_be' => 'May be', 'likely' => 'Likely']),
                    wanted: false,
                ),
            )
            ->advice()
            ->optional();
    }

    private function match(Bench $bench, Side $side): Step
    {
        $at = 'source.'.$side->value;

        return Step::of(
            "$at.match",
            'Match: {part}',
            'Old beside new, before anything is pressed.',
            ['part' => Message::within($bench->hub->bearingName($side))],
        )
            ->with(
                why: 'The counter hands over the wrong one more often than anyone says: one seal for two, inch for metric, same bore '
                    .'and outside but other width.',
                part: 'bearing_'.$side->value,
            )
            ->on(Panel::Match)
            ->asking(
                Ask::number(PlacesOf::newNumber($side->value), 'On the new one', hint: '6204 DDU'),
                Ask::length(PlacesOf::newBearing($side->value, 'bore'), 'Bore of the new one', wanted: false),
                Ask::length(PlacesOf::newBearing($side->value, 'outside'), 'Outside of the new one', wanted: false),
                Ask::length(PlacesOf::newBearing($side->value, 'width'), 'Width of the new one', wanted: false),
            )
            ->judged($this->compared($bench, $side)?->verdict);
    }

    /** Old beside new on that side; null while one of them is not known. */
    public function compared(Bench $bench, Side $side): ?MatchCheckResult
    {
        $old = $bench->notebook->text(PlacesOf::number($side->value)) ?? $bench->notebook->text(PlacesOf::number(Side::Left->value));
        $new = $bench->notebook->text(PlacesOf::newNumber($side->value));
        if ($old === null || $new === null) {
            return null;
        }
        $read = static fn (string $what) => $bench->notebook->reading(PlacesOf::newBearing($side->value, $what));
        try {
            return (new MatchCheck($this->limits))->work(
                new MatchCheckInput($old, $new, $read('bore'), $read('outside'), $read('width')),
            );
        } catch (InvalidInput) {
            return null;
        }
    }
}
