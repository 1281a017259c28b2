<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Catalogue;

use CleanRace\Core\Catalogue\BallCount;
use CleanRace\Core\Measure\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BallCountTest extends TestCase
{
    /** @return iterable<string, array{float, float, int, float}> bore, outside, balls and ball as opened bearings have them */
    public static function opened(): iterable
    {
        yield '6201' => [12, 32, 7, 5.953];
        yield '6203' => [17, 40, 8, 6.747];
        yield '6204' => [20, 47, 8, 7.938];
        yield '6205' => [25, 52, 9, 7.938];
        yield '6206' => [30, 62, 9, 9.525];
        yield '6305' => [25, 62, 7, 11.5];
    }

    #[DataProvider('opened')]
    public function test_it_tells_what_common_bearings_hold(float $bore, float $outside, int $balls, float $ball): void
    {
        $usual = BallCount::usual(Length::mm($bore), Length::mm($outside));
        self::assertSame($balls, $usual->balls);
        self::assertEqualsWithDelta($ball, $usual->ball->mm, 0.05 * $ball);
    }

    public function test_balls_never_fill_more_than_the_circle(): void
    {
        foreach ([[8, 16], [10, 30], [20, 32], [35, 72], [50, 110]] as [$bore, $outside]) {
            $usual = BallCount::usual(Length::mm($bore), Length::mm($outside));
            self::assertLessThan((M_PI * ($bore + $outside)) / 2, $usual->balls * $usual->ball->mm);
        }
    }
}
