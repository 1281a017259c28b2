<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Setting\AxleEnds;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Setting\AxleEnds\AxleEnds;
use CleanRace\Core\Setting\AxleEnds\AxleEndsInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What holds of axle ends. */
final class AxleEndsPropertiesTest extends TestCase
{
    use TestTrait;

    private static function caliper(float $mm): Reading
    {
        return Reading::mm($mm, Instrument::DigitalCaliper);
    }

    public function test_an_axle_that_was_moved_as_told_is_where_it_should_be(): void
    {
        $this->limitTo(200)
            ->forAll(
                Generators::choose(0, 150),
                Generators::choose(0, 150),
                Generators::choose(0, 80),
                Generators::choose(0, 80),
                Generators::bool(),
            )
            ->then(static function (int $left, int $right, int $before, int $beforeRight, bool $known): void {
                $was = $known ? ['beforeLeft' => Length::mm($before / 10), 'beforeRight' => Length::mm($beforeRight / 10)] : [];
                $work = static fn (float $l, float $r) => (new AxleEnds(Limits::standard()))->work(
                    new AxleEndsInput(self::caliper($l), self::caliper($r), ...$was),
                );
                $told = $work($left / 10, $right / 10);
                self::assertEqualsWithDelta(
                    ($left + $right) / 10,
                    $told->wantLeft->mm + $told->wantRight->mm,
                    1e-9,
                    'an axle keeps its length',
                );
                if ($told->wantLeft->mm > 0 && $told->wantRight->mm > 0) {
                    self::assertSame(Level::Go, $work($told->wantLeft->mm, $told->wantRight->mm)->verdict->level);
                }
            });
    }
}
