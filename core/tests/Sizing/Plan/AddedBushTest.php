<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\Plan;

use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Tests\Job\WorksJobs;
use PHPUnit\Framework\TestCase;

/** A plain bush that somebody added to a pair of cartridges is a seat of its own, and not a third bearing of a side. */
final class AddedBushTest extends TestCase
{
    use WorksJobs;

    public function test_it_is_sized_by_itself(): void
    {
        $edits = ['edits' => [['do' => 'add', 'kind' => 'bush', 'after' => 'bearing_left']], 'undone' => 0];
        $ids = array_merge(...array_map(
            static fn (StationReport $of): array => array_column($of->steps, 'id'),
            self::job('pair-sleeve', ['hub.edits' => $edits])->stations,
        ));
        $home = ['seat.left.home', 'seat.right.home', 'seat.bush_left.home'];
        self::assertSame($home, array_values(array_intersect($ids, $home)), 'each once');
        self::assertContains('size.part.bush_left', $ids);
    }
}
