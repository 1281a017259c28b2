<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Hearing;

/** The swing of all bands, a row for each turn: what comes at one place of each turn stands in a column. */
final readonly class TurnPicture
{
    private const FULL = 255;

    /** What is twice as strong as usual is shown as full. */
    private const BRIGHTEST = 1.0;

    /** @param  list<list<int>>  $rows 64 places a turn, each from 0 (as usual, or less) to 255 */
    private function __construct(public array $rows)
    {
    }

    /** @param  non-empty-list<TurnTable>  $tables */
    public static function of(array $tables): self
    {
        $rows = [];
        for ($turn = 0; $turn < $tables[0]->turns; $turn++) {
            $row = [];
            for ($place = 0; $place < TurnTable::PLACES; $place++) {
                $sum = 0.0;
                foreach ($tables as $table) {
                    $sum += $table->all[$turn * TurnTable::PLACES + $place];
                }
                $shown = $sum / count($tables) / self::BRIGHTEST;
                $row[] = (int) round(self::FULL * max(0.0, min(1.0, $shown)));
            }
            $rows[] = $row;
        }

        return new self($rows);
    }
}
