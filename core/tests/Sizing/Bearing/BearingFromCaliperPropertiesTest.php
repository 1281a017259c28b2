<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\Bearing;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Sizing\Bearing\BearingFromCaliper;
use CleanRace\Core\Sizing\Bearing\BearingFromCaliperInput;
use CleanRace\Core\Sizing\Bearing\CaliperCandidate;
use CleanRace\Core\Sizing\Bearing\RingState;
use CleanRace\Core\Tables\Limits;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** What holds of bearings found by caliper. */
final class BearingFromCaliperPropertiesTest extends TestCase
{
    use TestTrait;

    public function test_every_bearing_read_as_a_caliper_reads_is_among_the_first_two(): void
    {
        $sizes = array_values(array_filter((new BearingTable())->all(), static fn (Bearing $b): bool => $b->commonness > 1));
        $this->limitTo(120)
            ->forAll(
                Generators::choose(0, count($sizes) - 1),
                Generators::choose(-25, 25),
                Generators::choose(-25, 25),
                Generators::choose(-25, 25),
            )
            ->then(function (int $which, int $a, int $b, int $c) use ($sizes): void {
                $size = $sizes[$which];
                $read = static fn (float $mm, int $error): Reading => Reading::mm($mm + $error / 1000, Instrument::DigitalCaliper);
                $found = (new BearingFromCaliper(Limits::standard()))->work(
                    new BearingFromCaliperInput(
                        $read($size->bore->mm - 0.004, $a),
                        $read($size->outside->mm - 0.006, $b),
                        $read($size->sealedWidth->mm - 0.06, $c),
                        RingState::Clean,
                    ),
                );
                $called = array_map(static fn (CaliperCandidate $c): array => [$c->number, ...$c->others], $found->candidates);
                self::assertContains($size->number, array_merge(...array_slice($called, 0, 2)), $size->number);
                self::assertTrue(
                    $found->number === null || in_array($size->number, $called[0], true),
                    "{$size->number} was called {$found->number}",
                );
            });
    }
}
