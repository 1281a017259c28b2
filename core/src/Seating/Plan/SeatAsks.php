<?php

declare(strict_types=1);

namespace CleanRace\Core\Seating\Plan;

use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;

/** What is asked at the clock face while a ring goes in. */
final class SeatAsks
{
    /** @return list<Ask> */
    public static function clock(string $seat, string $stage): array
    {
        $depths = array_map(
            static fn (string $hour): Ask => Ask::depth(PlacesOf::seat($seat, $stage, $hour), "Depth at $hour", wanted: false, at: $hour),
            SeatReadings::HOURS,
        );
        $hours = array_map(static fn (string $h): Option => new Option($h, $h), SeatReadings::HOURS);

        return [
            ...$depths,
            Ask::choice(
                PlacesOf::seat($seat, $stage, 'eye'),
                'By eye',
                Option::of(['level' => 'Level all round', 'proud' => 'Proud on one side', 'cocked' => 'Plainly cocked']),
                wanted: false,
            )->usually('level'),
            Ask::choice(PlacesOf::seat($seat, $stage, 'eye_clock'), 'Proud at', $hours, wanted: false),
        ];
    }

    /**
     * A rough cast face is no face to measure from: a reference set is taken to a ledge or a turned face.
     *
     * @return list<Ask>
     */
    public static function face(string $seat, Notebook $notebook): array
    {
        $face = Ask::choice(
            PlacesOf::seat($seat, 'face'),
            'The face read from',
            Option::of(['smooth' => 'Turned, smooth', 'rough' => 'Rough: reference first']),
            wanted: false,
        );
        if ($notebook->choice(PlacesOf::seat($seat, 'face')) !== 'rough') {
            return [$face];
        }

        return [
            $face,
            ...array_map(
                static fn (string $hour): Ask => Ask::depth(
                    PlacesOf::seat($seat, 'ref', $hour),
                    "Reference at $hour",
                    wanted: false,
                    at: $hour,
                ),
                SeatReadings::HOURS,
            ),
        ];
    }
}
