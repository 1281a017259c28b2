<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Fitting;
use CleanRace\Core\Patterns\FrontWheel;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Verdict\Message;

/** What is asked at Check in of things that a machine carries outside the hub. */
final readonly class FittingAsks
{
    /** @return list<Ask> whether it drives, and what is in it now, where such hubs are built for both */
    public static function built(Bench $bench): array
    {
        return [...self::driven($bench), ...self::now($bench)];
    }

    /** @return list<Ask> */
    private static function now(Bench $bench): array
    {
        return $bench->pattern->card()->converted
            ? [
                Ask::choice(
                    Places::NOW,
                    'In it now',
                    Option::of(['cups' => 'Cups and cones', 'cartridges' => 'Cartridges, from another time']),
                    wanted: false,
                ),
            ]
            : [];
    }

    /** @return list<Ask> */
    private static function driven(Bench $bench): array
    {
        return FrontWheel::mayBe($bench->pattern) || ! $bench->pattern->card()->drives
            ? [
                Ask::choice(
                    Places::DRIVEN,
                    'Sprockets on this wheel',
                    Option::of(['driven' => 'Yes, it drives', FrontWheel::NO => 'None: a front wheel']),
                    wanted: false,
                ),
            ]
            : [];
    }

    /** Nuts and bolts that this machine has beside those of such hubs. */
    public static function fasteners(): Ask
    {
        return Ask::text(
            Places::OWN_FASTENERS,
            'Other nuts and bolts that will be tightened',
            wanted: false,
            hint: 'names, parted by commas',
        );
    }

    /** @return list<Ask> what the machine carries outside the hub, and what must be noted of it before it comes off */
    public static function of(Bench $bench): array
    {
        $possible = Fitting::possible($bench->pattern);
        if ($possible === []) {
            return [];
        }
        $noted = array_filter(Fitting::there($bench->pattern, $bench->notebook), static fn (Fitting $f): bool => $f->before !== '');

        return [
            Ask::choices(
                Places::FITTINGS,
                'On it, to come off and go back',
                array_map(static fn (Fitting $f): Option => new Option($f->name, $f->label), $possible),
                wanted: false,
            ),
            ...array_map(
                static fn (Fitting $f): Ask => Ask::text(
                    $f->place('before'),
                    Message::of('fitting.note', '{fitting}: {what}', [
                        'fitting' => Message::plain($f->label),
                        'what' => Message::within($f->before),
                    ]),
                    wanted: false,
                ),
                $noted,
            ),
        ];
    }
}
