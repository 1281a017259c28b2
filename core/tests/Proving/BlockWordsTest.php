<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Proving;

use CleanRace\Core\Proving\Block;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tests\Job\WorksJobs;
use PHPUnit\Framework\TestCase;

/** What stands in the way of a signature, in words that tell where. */
final class BlockWordsTest extends TestCase
{
    use WorksJobs;

    private const COCKED = ['part.sleeve' => ['state' => 'fitted'], 'seat.look_through' => ['choice' => 'seen']];

    /**
     * @param  array<string, array<string, mixed>>  $entries
     * @return list<string>
     */
    private static function seat(array $entries): array
    {
        $blocks = array_filter(
            self::job('pair-sleeve', self::COCKED + $entries)->blocks,
            static fn (Block $b): bool => in_array($b->step, ['seat.left.start', 'seat.right.start'], true),
        );

        return array_values(array_map(static fn (Block $b): string => English::of($b->what), $blocks));
    }

    public function test_what_is_said_once_stands_alone(): void
    {
        self::assertSame(['Drive it back out'], self::seat(['seat.left.start.eye' => ['choice' => 'cocked']]));
    }

    public function test_what_is_said_twice_says_of_which(): void
    {
        self::assertSame(
            ['Drive it back out: start the first bearing square', 'Drive it back out: start the second bearing square'],
            self::seat(['seat.left.start.eye' => ['choice' => 'cocked'], 'seat.right.start.eye' => ['choice' => 'cocked']]),
        );
    }
}
