<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Checking;

use CleanRace\Core\Tests\Job\FindsStep;
use CleanRace\Core\Tests\Job\WorksJobs;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A wheel is rocked both ways before nothing is found; what is no wheel, one way. */
final class RockedOneWayTest extends TestCase
{
    use FindsStep;
    use WorksJobs;

    #[TestWith(['pair-sleeve', 'check.early', 'check.clean'])]
    #[TestWith(['spindle', 'check.clean', 'check.clean'])]
    #[TestWith(['single-ring', 'check.clean', 'check.clean'])]
    public function test_nothing_is_found_once_it_was_tried(string $pattern, string $once, string $twice): void
    {
        $key = static fn (array $checks): ?string => self::step(
            self::job($pattern, array_map(static fn (string $one): array => ['choice' => $one], $checks)),
            'check.rock',
        )->verdicts[0]->headline->key ?? null;
        $tried = ['check.rock_3_9' => 'none', 'check.spin' => 'quiet'];
        self::assertSame($once, $key($tried));
        self::assertSame($twice, $key($tried + ['check.rock_12_6' => 'none']));
        self::assertSame('check.early', $key(['check.rock_3_9' => 'none']), 'not spun yet');
    }
}
