<?php

declare(strict_types=1);

namespace App\Bench;

use App\Shapes\Json;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlacesOf;
use CleanRace\Core\Sourcing\CustomerWord;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Status;

/** Where each station of a job is, and what the machine's history says of it: in few words, kept beside the records. */
final class Standing
{
    /**
     * @return array{stations: array<string, string>, waits_at: string, complaint: string, left: list<array{string,
     *   int, int}>, asked: ?string, fitted: list<string>, carried: ?string, look_again: ?string}
     *                what waits at is the first station that stops, else the first
     *                that is open; what is left as station, minutes of hands, minutes of waiting; the question that waits for the
     * customer; the numbers that were fitted; what is carried forward, and when to look again
     */
    public static function of(JobReport $report, Notebook $notebook): array
    {
        $stations = [];
        foreach ($report->stations as $station) {
            $stations[$station->station->value] = $station->status->value;
        }
        $stopped = array_search(Status::Stop->value, $stations, true);
        $open = array_key_first(array_diff($stations, [Status::Settled->value, Status::Care->value]));

        return [
            'stations' => $stations,
            'waits_at' => $stopped !== false ? $stopped : $open ?? 'prove',
            'complaint' => $notebook->text(Places::COMPLAINT) ?? '',
            'left' => self::left($report),
            'asked' => CustomerWord::waiting($notebook),
            'fitted' => array_values(
                array_filter([
                    $notebook->text(PlacesOf::newNumber(Side::Left->value)),
                    $notebook->text(PlacesOf::newNumber(Side::Right->value)),
                ]),
            ),
            'carried' => $notebook->text(Places::CARRY),
            'look_again' => $notebook->text(Places::CARRY_WHEN),
        ];
    }

    /**
     * Steps that are done and left to themselves: what was done, where that was noted, and for how many minutes.
     *
     * @return list<array{what: mixed, places: list<string>, minutes: int}>
     */
    public static function waiting(JobReport $report): array
    {
        $waiting = [];
        foreach ($report->stations as $station) {
            foreach ($station->steps as $step) {
                if ($step->done && $step->waitMinutes > 0) {
                    $waiting[] = [
                        'what' => Json::of($step->title),
                        'places' => array_map(static fn (Ask $ask): string => $ask->place, $step->asks),
                        'minutes' => $step->waitMinutes,
                    ];
                }
            }
        }

        return $waiting;
    }

    /** @return list<array{string, int, int}> steps that are not done, joined where nothing is waited for between them */
    private static function left(JobReport $report): array
    {
        $left = [];
        foreach ($report->stations as $station) {
            $hand = 0;
            foreach ($station->steps as $step) {
                if ($step->done || $step->optional) {
                    continue;
                }
                $hand += $step->handMinutes;
                if ($step->waitMinutes > 0) {
                    $left[] = [$station->station->value, $hand, $step->waitMinutes];
                    $hand = 0;
                }
            }
            if ($hand > 0) {
                $left[] = [$station->station->value, $hand, 0];
            }
        }

        return $left;
    }
}
