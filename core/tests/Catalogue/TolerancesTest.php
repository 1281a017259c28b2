<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Catalogue;

use CleanRace\Core\Catalogue\Tolerances;
use CleanRace\Core\Measure\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the standards allow. */
final class TolerancesTest extends TestCase
{
    /**
     * @return iterable<string, array{float, string, float, float}> size, class, least and most interference in µm,
     *   worked from the standards by hand
     */
    public static function nominal(): iterable
    {
        yield 'N7 on 47' => [47, 'N7', -3, 33];
        yield 'N7 on 62' => [62, 'N7', -4, 39];
        yield 'P7 on 47' => [47, 'P7', 6, 42];
        yield 'M7 on 47' => [47, 'M7', -11, 25];
        yield 'k6 on 30' => [30, 'k6', 2, 25];
        yield 'j6 on 20' => [20, 'j6', -4, 19];
        yield 'k6 on 15' => [15, 'k6', 1, 20];
    }

    #[DataProvider('nominal')]
    public function test_nominal_fits(float $size, string $class, float $least, float $most): void
    {
        $tolerances = new Tolerances();
        [$low, $high] = ctype_upper($class[0])
            ? $tolerances->nominalInterference(Length::mm($size), $class)
            : $tolerances->nominalShaftInterference(Length::mm($size), $class);
        self::assertEqualsWithDelta([$least / 1000, $most / 1000], [$low, $high], 1e-9);
    }
}
