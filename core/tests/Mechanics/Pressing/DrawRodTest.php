<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Mechanics\Pressing;

use CleanRace\Core\Measure\Force;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Mechanics\Pressing\DrawRod;
use CleanRace\Core\Mechanics\Pressing\DrawRodInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tooling\DrawBolt;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A draw rod long enough and no longer. */
final class DrawRodTest extends TestCase
{
    /** @return iterable<string, array{?float, ?float, ?float, DrawBolt, string}> rod, socket, force, bolt, key */
    public static function rods(): iterable
    {
        yield 'right' => [220, 38, 1800, DrawBolt::M12, 'rod.right'];
        yield 'none there' => [null, null, null, DrawBolt::M12, 'rod.length'];
        yield 'short' => [180, 38, null, DrawBolt::M12, 'rod.short'];
        yield 'long for the socket' => [260, 38, null, DrawBolt::M12, 'rod.long'];
        yield 'a shallow socket' => [220, 10, null, DrawBolt::M12, 'rod.socket'];
        yield 'too thin' => [220, 38, 50_000, DrawBolt::M12, 'rod.weak'];
    }

    #[DataProvider('rods')]
    public function test_a_draw_rod_reaches_and_stays_within_its_socket(
        ?float $rod,
        ?float $socket,
        ?float $force,
        DrawBolt $bolt,
        string $key,
    ): void {
        $length = static fn (?float $mm): ?Length => $mm === null ? null : Length::mm($mm);
        $result = (new DrawRod(Limits::standard()))->work(
            new DrawRodInput(
                Length::mm(104),
                Length::mm(60),
                Length::mm(20),
                $bolt,
                null,
                $length($socket),
                $length($rod),
                $force === null ? null : Force::newtons($force),
            ),
        );
        self::assertSame($key, $result->verdict->headline->key);
        self::assertEqualsWithDelta(104 + 60 + 10 + 2 * 9.6 + 2 * 3 * 1.75, $result->least->mm, 1e-9);
    }

    public function test_a_rod_that_does_not_pass_is_refused(): void
    {
        $this->expectException(InvalidInput::class);
        new DrawRodInput(Length::mm(60), Length::mm(40), Length::mm(10), DrawBolt::M12);
    }
}
