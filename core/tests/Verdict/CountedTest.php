<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Verdict;

use CleanRace\Core\Tests\English;
use CleanRace\Core\Verdict\Message;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** One and several are each a sentence. */
final class CountedTest extends TestCase
{
    #[TestWith([0, '0 balls lie here'])]
    #[TestWith([1, 'One ball lies here'])]
    #[TestWith([2, '2 balls lie here'])]
    public function test_only_one_is_said_as_one(int $count, string $said): void
    {
        self::assertSame($said, English::of(Message::counted('k', $count, 'One ball lies here', '{count} balls lie here')));
    }
}
