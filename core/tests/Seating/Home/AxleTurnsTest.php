<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Seating\Home;

use CleanRace\Core\Seating\Home\AxleTurns;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** An axle between two bearings, turned and moved by hand. */
final class AxleTurnsTest extends TestCase
{
    /** @return iterable<string, array{AxleTurns, bool, Level, string}> */
    public static function felt(): iterable
    {
        yield 'free' => [AxleTurns::Free, false, Level::Go, 'axle_turns.free'];
        yield 'free, and deeper than it stood: nothing squeezes it' => [AxleTurns::Free, true, Level::Go, 'axle_turns.free'];
        yield 'in and out' => [AxleTurns::Play, false, Level::Care, 'axle_turns.play'];
        yield 'drags' => [AxleTurns::Drags, false, Level::Care, 'axle_turns.drags'];
        yield 'drags, and deeper than it stood' => [AxleTurns::Drags, true, Level::Stop, 'axle_turns.squeezed'];
    }

    #[DataProvider('felt')]
    public function test_what_hands_say_of_it(AxleTurns $felt, bool $deeper, Level $level, string $key): void
    {
        $verdict = $felt->verdict($deeper);
        self::assertSame([$level, $key], [$verdict->level, $verdict->headline->key]);
    }
}
