<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Catalogue;

use CleanRace\Core\Catalogue\Thread;
use CleanRace\Core\Measure\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Threads as people write them. */
final class ThreadTest extends TestCase
{
    /** @return iterable<string, array{string, string, float, float}> as typed, name, diameter, pitch */
    public static function threads(): iterable
    {
        yield 'fine' => ['m10x1', 'M10 × 1', 10, 1];
        yield 'coarse by its size alone' => ['M16', 'M16', 16, 2];
        yield 'coarse, written out' => ['M16 × 2', 'M16', 16, 2];
        yield 'a comma' => ['M12×1,5', 'M12 × 1.5', 12, 1.5];
        yield 'no M' => ['9 x 1', 'M9 × 1', 9, 1];
        yield 'inch' => ['3/8-26', '3/8-26', 9.525, 25.4 / 26];
        yield 'inch with its name' => ['5/16 x 24 UNF', '5/16-24', 7.9375, 25.4 / 24];
        yield 'more than an inch' => ['1 1/8-12', '1 1/8-12', 28.575, 25.4 / 12];
        yield 'more than an inch, with a dash' => ['1-1/8-12', '1 1/8-12', 28.575, 25.4 / 12];
        yield 'a whole inch' => ['1-14', '1-14', 25.4, 25.4 / 14];
    }

    #[DataProvider('threads')]
    public function test_threads_are_read_as_people_write_them(string $typed, string $name, float $diameter, float $pitch): void
    {
        $thread = Thread::read($typed);
        self::assertSame($name, $thread->text);
        self::assertEqualsWithDelta($diameter, $thread->diameter->mm, 1e-9);
        self::assertEqualsWithDelta($pitch, $thread->pitch->mm, 1e-9);
        self::assertSame($name, Thread::read($thread->text)->text, 'what it writes it reads');
        self::assertLessThan((M_PI / 4) * $diameter ** 2, $thread->stressArea());
        self::assertGreaterThan((M_PI / 4) * $thread->root()->mm ** 2 * 0.95, $thread->stressArea());
    }

    /** @return iterable<string, array{string, bool}> typed, whether there is such a thread */
    public static function edges(): iterable
    {
        yield 'the thinnest' => ['M2 × 0.4', true];
        yield 'thinner than any bolt' => ['M0.9 × 0.22', false];
        yield 'thicker than any axle' => ['M300 × 6', false];
        yield 'a pitch finer than any' => ['M10 × 0.15', false];
        yield 'a pitch too steep for its size' => ['M10 × 3', false];
        yield 'the steepest that is used' => ['M6 × 1', true];
        yield 'ten and a half to the inch is metric when small' => ['10 x 1.5', true];
    }

    #[DataProvider('edges')]
    public function test_a_thread_that_cannot_be_is_refused(string $typed, bool $is): void
    {
        if (! $is) {
            $this->expectException(InvalidInput::class);
        }
        self::assertNotSame('', Thread::read($typed)->text);
    }

    public function test_what_is_no_thread_is_said(): void
    {
        foreach (['', 'M', 'bolt', 'M10x9', '3/8', 'M9', '0-26', str_repeat('9', 60)] as $typed) {
            try {
                Thread::read($typed);
                self::fail("$typed was read");
            } catch (InvalidInput $invalid) {
                self::assertNotSame('', $invalid->getMessage());
            }
        }
        self::assertEqualsWithDelta(8.77, Thread::read('M10x1')->root()->mm, 0.005);
    }

    public function test_a_size_over_nothing_is_none(): void
    {
        self::assertEqualsWithDelta(9.525, Thread::read('3/8-26')->diameter->mm, 1e-9);
        $this->expectException(InvalidInput::class);
        Thread::read('3/0-26');
    }
}
