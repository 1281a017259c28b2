<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sourcing;

use CleanRace\Core\Measure\Money;
use CleanRace\Core\Sourcing\AssemblyInput;
use CleanRace\Core\Sourcing\BearingsOrAssembly;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\TestCase;

/** Bearings against the assembly. */
final class BearingsOrAssemblyTest extends TestCase
{
    public function test_bearings_against_the_assembly_and_where_they_meet(): void
    {
        $work = static fn (string $assembly, int $risk = 10) => (new BearingsOrAssembly(Limits::standard()))->work(
            new AssemblyInput(Money::read('38.40'), 90, Money::read($assembly), 30, Money::read('54.00'), $risk),
        );
        $result = $work('240.00');
        self::assertSame([3840 + 8100 + 2670, 26700, 2670], [$result->bearings->minor, $result->assembly->minor, $result->risk->minor]);
        self::assertSame('assembly.bearings', $result->verdict->headline->key);
        self::assertSame(intdiv((3840 + 8100) * 100 + 45, 90) - 2700, $result->breakEven?->minor);
        $even = $work($result->breakEven->shown());
        self::assertEqualsWithDelta($even->bearings->minor, $even->assembly->minor, 2);
        self::assertSame(Level::Care, $even->verdict->level);
        self::assertSame('assembly.whole', $work('60.00')->verdict->headline->key);
        self::assertNull($work('60.00', 100)->breakEven);
    }
}
