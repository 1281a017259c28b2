<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Job;

use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\EntryReader;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Tooling\Tool;
use CleanRace\Core\Tooling\ToolList;
use CleanRace\Core\Tooling\WallTool;
use Random\Randomizer;

/** Somebody who knows nothing of bearings, and answers some of what is asked with something that may be said there. */
final class RandomAnswers
{
    /** @return array<string, Ask> by place */
    public static function asks(JobReport $report): array
    {
        $asks = [];
        foreach ($report->stations as $station) {
            foreach ($station->steps as $step) {
                foreach ($step->asks as $ask) {
                    $asks[$ask->place] ??= $ask;
                }
            }
        }

        return $asks;
    }

    /** @return list<Ask> about a third of what is asked */
    public static function some(JobReport $report, Randomizer $random): array
    {
        return array_values(array_filter(self::asks($report), static fn (): bool => $random->getInt(0, 2) === 0));
    }

    /** The notebook after this person came to it: with an answer, or as it was. */
    public static function noted(Notebook $notebook, Ask $ask, Randomizer $random): Notebook
    {
        $entry = self::to($ask, $random);
        if ($entry === null) {
            return $notebook;
        }
        $by = Instrument::cases()[$random->getInt(0, count(Instrument::cases()) - 1)];

        return $notebook->with($ask->place, [
            'value' => (new EntryReader())->read(Places::at($ask->place), $entry, 'mm', $notebook->value($ask->place)),
            'instrument' => $random->getInt(0, 2) > 0 ? null : $by->value,
        ]);
    }

    /** All that hangs on a starter wall lies ready. */
    public static function bench(Pattern $pattern, Notebook $notebook): Bench
    {
        $wall = ToolList::starter();
        $drivers = array_values(array_filter(array_map(static fn (WallTool $t): ?Tool => $t->driver(), $wall)));

        return new Bench($pattern, $notebook, $drivers, null, DrawBolt::M12, false, $wall);
    }

    /**
     * Something that makes sense there, as it may be typed; in the middle where none of these does.
     *
     * @param  list<array{string, float}>  $typed as it is written, and mm
     */
    private static function within(Ask $ask, Randomizer $random, array $typed): string
    {
        $place = Places::at($ask->place);
        $sane = array_values(
            array_filter($typed, static fn (array $one): bool => $one[1] >= ($place->least ?? -1e9) && $one[1] <= ($place->most ?? 1e9)),
        );

        return $sane === []
            ? (string) round((($place->least ?? 0.0) + ($place->most ?? 1.0)) / 2, 2)
            : $sane[$random->getInt(0, count($sane) - 1)][0];
    }

    /** @return ?array<string, mixed> something that may be said there; null for what this person leaves alone */
    public static function to(Ask $ask, Randomizer $random): ?array
    {
        $one = static fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
        $options = array_map(static fn (Option $o): string => $o->value, $ask->options);

        return match ($ask->kind) {
            AskKind::Length => [
                'typed' => self::within($ask, $random, [
                    ['0.2', 0.2],
                    ['6.35', 6.35],
                    ['19.98', 19.98],
                    ['46,97', 46.97],
                    ['1/2', 12.7],
                    ['104 mm', 104.0],
                    ['2 in', 50.8],
                    ['900', 900.0],
                ]),
            ],
            AskKind::Depth => [
                'typed' => self::within($ask, $random, [
                    ['-0.4', -0.4],
                    ['0', 0.0],
                    ['0.05', 0.05],
                    ['3.1', 3.1],
                    ['3 1/8', 79.375],
                    ['57.6 mm', 57.6],
                    ['190', 190.0],
                ]),
            ],
            AskKind::Choice => $options === [] ? null : ['choice' => $one($options)],
            AskKind::Choices => ['choices' => array_values(array_filter($options, static fn (): bool => $random->getInt(0, 2) === 0))],
            AskKind::Tick => ['done' => $random->getInt(0, 4) > 0],
            AskKind::Text => ['text' => $one(['27', 'bent {axle}', '1 1/16', 'compound?', '—'])],
            AskKind::Number => ['text' => $one(['6204 2RS', '6O03', 'LM11949', '99502H', '62?5', '5206 2RS'])],
            AskKind::Torque => ['typed' => $one(['60', '45 ft-lb', '6,5 Nm', '110'])],
            AskKind::Temperature => ['typed' => $one(['18', '65 F', '-4 °C'])],
            AskKind::Heat => ['typed' => $one(['30', '70', '190 F', '90 °C'])],
            AskKind::Gauge => ['typed' => $one(['35 bar', '2.4 kN', '6 Nm', '9 kN'])],
            AskKind::Thread => ['text' => $one(['M10 × 1', '3/8-26', 'M20x1.5'])],
            AskKind::Turn => ['typed' => $one(['8 min', '1/4 turn', '30'])],
            AskKind::Count => ['typed' => (string) $random->getInt(1, 22)],
            AskKind::Meter => ['text' => $one(['12 400 km', '320 h', '7800 mi'])],
            AskKind::When => ['text' => $one(['6 months', 'spring', '+500 km', '2027-03-01'])],
            AskKind::ConeTry => [
                'mark' => $random->getInt(-90, 400),
                'stage' => $one(EntryReader::TRY_STAGES),
                'felt' => $one(EntryReader::TRY_FELT),
            ] + $one([[], ['typed' => '0.4'], ['typed' => '1.2 mm']]),
            AskKind::Part => [
                'state' => $one(array_map(static fn (PartState $s): string => $s->value, PartState::cases())),
                'condition' => $one([...EntryReader::CONDITIONS, null]),
                'reason' => 'worn',
            ] + $one([[], ['new' => true], ['findings' => ['bent', 'no such']]]),
            AskKind::Taps => ['taps' => $one([[0.0, 0.41, 0.84, 1.3, 1.79], [0.0, 0.5, 1.0, 1.5]])],
            AskKind::Photos, AskKind::Stack, AskKind::Sound => null,
        };
    }
}
