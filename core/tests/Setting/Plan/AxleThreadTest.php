<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Setting\Plan;

use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Setting\Plan\ConeSteps;
use CleanRace\Core\Tooling\DrawBolt;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What thread an axle has as long as nobody read it. */
final class AxleThreadTest extends TestCase
{
    #[TestWith([9.525, '3/8-26'])]
    #[TestWith([9.4, '3/8-26'])]
    #[TestWith([7.94, '5/16-24'])]
    #[TestWith([7.8, '5/16-24'])]
    #[TestWith([6.0, 'M6 × 1'])]
    #[TestWith([9.0, 'M9 × 1'])]
    #[TestWith([10.0, 'M10 × 1'])]
    #[TestWith([12.5, 'M12.5 × 1'])]
    public function test_an_axle_has_the_thread_of_its_size(float $axle, string $thread): void
    {
        $edits = ['edits' => [['do' => 'resize', 'part' => 'axle', 'size' => 'diameter', 'mm' => $axle]], 'undone' => 0];
        $bench = static fn (array $entries): Bench => new Bench(
            HubPatterns::find('cup-cone'),
            new Notebook(array_map(static fn (array $v): array => ['value' => $v, 'instrument' => null], $entries)),
            [],
            null,
            DrawBolt::M12,
        );
        self::assertSame($thread, ConeSteps::thread($bench(['hub.edits' => $edits])));
        self::assertSame('M14x1.5', ConeSteps::thread($bench(['hub.edits' => $edits, 'set.axle_thread' => ['text' => 'M14x1.5']])));
    }
}
