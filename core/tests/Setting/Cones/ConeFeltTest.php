<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Setting\Cones;

use CleanRace\Core\Setting\Cones\ConeFelt;
use CleanRace\Core\Tables\Limits;
use PHPUnit\Framework\TestCase;

/** What hands feel of end play, in mm: less than none is preload. */
final class ConeFeltTest extends TestCase
{
    public function test_each_feeling_tells_of_its_band(): void
    {
        $limits = Limits::standard();
        $of = static fn (?string $name): ?float => $name === null ? null : $limits->get($name);
        $bands = array_map(
            static fn (ConeFelt $felt): array => [$of($felt->leastPlay()), $of($felt->mostPlay())],
            array_combine(array_column(ConeFelt::cases(), 'value'), ConeFelt::cases()),
        );
        self::assertSame([null, -0.028], $bands['binds']);
        self::assertSame([-0.040, 0.017], $bands['none']);
        self::assertSame(0.008, $bands['trace'][0]);
        // One goes over into the next: where it may bind it may feel smooth too, and where smooth, a trace.
        self::assertLessThan($bands['binds'][1], $bands['none'][0]);
        self::assertLessThan($bands['none'][1], $bands['trace'][0]);
        self::assertLessThan($bands['trace'][1], $bands['play'][0]);
    }
}
