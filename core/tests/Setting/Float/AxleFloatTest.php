<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Setting\Float;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Setting\Float\AxleFloat;
use CleanRace\Core\Setting\Float\FloatInput;
use CleanRace\Core\Setting\Float\FloatResult;
use CleanRace\Core\Setting\Float\Washers;
use CleanRace\Core\Setting\Float\WasherStock;
use CleanRace\Core\Tables\Limits;
use PHPUnit\Framework\TestCase;

/** How far a wheel floats. */
final class AxleFloatTest extends TestCase
{
    private static function caliper(float $mm): Reading
    {
        return Reading::mm($mm, Instrument::DigitalCaliper);
    }

    /** @param  list<WasherStock>  $washers */
    private static function float(float $space, array $washers = [], bool $both = true): FloatResult
    {
        return (new AxleFloat(Limits::standard()))->work(
            new FloatInput(self::caliper($space), self::caliper(78.4), self::caliper(4.0), $washers, $both),
        );
    }

    public function test_float_and_the_washers_for_it(): void
    {
        $stock = [new WasherStock(Length::mm(0.5), 4), new WasherStock(Length::mm(1.0), 2)];
        $work = self::float(...);
        $loose = $work(84.6, $stock);
        self::assertSame(['float.add', ['1 mm', '0.5 mm']], [$loose->verdict->headline->key, $loose->add]);
        self::assertEqualsWithDelta([2.2, 0.7], [$loose->float->mm, $loose->floatThen?->mm], 1e-9);
        $keys = array_map(static fn (array $one): string => $work(...$one)->verdict->headline->key, [
            [84.6],
            [82.9],
            [82.5],
            [82.2],
            [82.9, [], false],
            [83.2],
        ]);
        self::assertSame(['float.loose', 'float.right', 'float.tight', 'float.none', 'float.both', 'float.near'], $keys);
        self::assertSame([2.0, 1.5], Washers::nearest([new WasherStock(Length::mm(2.0)), new WasherStock(Length::mm(1.5), 2)], 3.4));
        self::assertSame([], Washers::nearest([new WasherStock(Length::mm(2.0))], 0.6, 0.3, 0.9), 'none is better than a wrong one');
    }
}
