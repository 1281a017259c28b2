<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\Plan;

use CleanRace\Core\Tests\Job\FindsStep;
use CleanRace\Core\Tests\Job\WorksJobs;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A bearing with no number left on it is looked for by whatever of it can still be read. */
final class PartByCaliperTest extends TestCase
{
    use FindsStep;
    use WorksJobs;

    #[TestWith(['bore', 20.0])]
    #[TestWith(['outside', 47.0])]
    #[TestWith(['width', 14.0])]
    public function test_one_size_alone_is_answered(string $size, float $mm): void
    {
        $step = static fn (array $entries): array => self::step(self::job('single-ring', $entries), 'size.part.bearing')->verdicts;
        self::assertSame([], $step([]));
        self::assertSame('caliper.may', $step(["size.part.bearing.$size" => ['mm' => $mm]])[0]->headline->key);
    }
}
