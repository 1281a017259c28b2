<?php

declare(strict_types=1);

namespace CleanRace\Core\Trial;

use CleanRace\Core\Practice\Bench\People;
use RuntimeException;

/**
 * How far simulated people are off, from people.csv: the only place where it stands. A trial is worth as much as these
 * numbers; whoever changes one says why, in a commit of its own.
 */
final class Scatter
{
    public static function people(): People
    {
        $file = new \SplFileObject(__DIR__.'/people.csv');
        $values = [];
        while (is_array($row = $file->fgetcsv(',', '"', '')) && count($row) === 5) {
            $values[(string) $row[0]] = (float) $row[1];
        }
        $value = static fn (string $name): float => $values[$name] ?? throw new RuntimeException("people.csv says nothing of $name.");

        return new People(
            $value('fit'),
            $value('force'),
            $value('class_off'),
            $value('cone'),
            $value('mark'),
            $value('lock'),
            $value('binds'),
            $value('none'),
            $value('trace'),
            $value('rim_by_caliper'),
            $value('rim_by_dial'),
        );
    }
}
