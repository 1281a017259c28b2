<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\Bearing;

use CleanRace\Core\Catalogue\Bearing;
use CleanRace\Core\Catalogue\BearingTable;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Sizing\Bearing\BearingFromCaliper;
use CleanRace\Core\Sizing\Bearing\BearingFromCaliperInput;
use CleanRace\Core\Sizing\Bearing\CaliperCandidate;
use CleanRace\Core\Sizing\Bearing\MeasuredOn;
use CleanRace\Core\Sizing\Bearing\RingState;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A bearing by caliper: itself, or the places where it sat. */
final class BearingFromCaliperTest extends TestCase
{
    private static function caliper(float $mm): Reading
    {
        return Reading::mm($mm, Instrument::DigitalCaliper);
    }

    public function test_what_lies_further_apart_is_told_by_caliper_and_what_lies_nearer_by_micrometer(): void
    {
        $split = static function (float $bore, float $outside): string {
            $read = static fn (float $mm): Reading => Reading::mm($mm, Instrument::DigitalCaliper);

            return (string) (new BearingFromCaliper(Limits::standard()))
                ->work(new BearingFromCaliperInput($read($bore), $read($outside), null, RingState::Worn))
                ->verdict->settledBy?->inEnglish();
        };
        self::assertStringStartsWith('Measure the width with a caliper: ', $split(5, 11), '3 mm and 4 mm wide');
        self::assertStringStartsWith('Measure the bore with a micrometer: ', $split(8, 22), '8 mm and 5/16 in');
        self::assertGreaterThan((8 - 7.9375) / 2, Limits::standard()->get('caliper.tells'));
        self::assertLessThan(1.0, Limits::standard()->get('caliper.tells'));
    }

    public function test_every_size_measured_exactly_is_found(): void
    {
        foreach ((new BearingTable())->all() as $size) {
            $result = self::find($size->bore->mm - 0.004, $size->outside->mm - 0.005, $size->sealedWidth->mm - 0.05, RingState::Clean);
            self::assertContains(
                $size->number,
                array_merge(...array_map(static fn (CaliperCandidate $c): array => [$c->number, ...$c->others], $result->candidates)),
                $size->number,
            );
            self::assertLessThan(0.5, $result->candidates[0]->chiSquare, $size->number);
        }
    }

    public function test_a_worn_bearing_is_found_and_is_go_when_alone(): void
    {
        $result = self::find(20.02, 46.97, 13.95, RingState::Worn);
        self::assertSame('6204', $result->number);
        self::assertSame(Level::Go, $result->verdict->level);
        self::assertEqualsWithDelta(
            1.0,
            array_sum(array_map(static fn ($c): float => $c->probability->share, $result->candidates)),
            0.01,
        );
    }

    public function test_bore_alone_leaves_several_and_names_the_measurement_that_splits_them(): void
    {
        $result = self::find(20.0, null, null, RingState::Worn);
        self::assertNull($result->number);
        self::assertSame(Level::Care, $result->verdict->level);
        self::assertGreaterThan(2, count($result->candidates));
        self::assertStringContainsString('outside', $result->verdict->settledBy?->inEnglish() ?? '');
    }

    public function test_inch_and_metric_neighbours_are_shown_side_by_side(): void
    {
        $result = self::find(15.9, 34.95, 11.0, RingState::Rusty);
        $numbers = array_column($result->candidates, 'number');
        self::assertContains('1623', $numbers);
        $near = self::find(15.45, 34.96, null, RingState::Rusty, Instrument::SteelRule);
        self::assertSame(Level::Care, $near->verdict->level);
        self::assertCount(2, array_unique(array_map(static fn ($c): string => $c->system, $near->candidates)));
    }

    public function test_a_bearing_that_is_gone_is_found_from_shaft_and_housing(): void
    {
        $found = (new BearingFromCaliper(Limits::standard()))->work(
            new BearingFromCaliperInput(
                self::caliper(19.97),
                self::caliper(46.97),
                self::caliper(14.6),
                RingState::Worn,
                MeasuredOn::Seats,
            ),
        );
        self::assertSame('6204', $found->candidates[0]->number);
        $without = (new BearingFromCaliper(Limits::standard()))->work(
            new BearingFromCaliperInput(self::caliper(19.97), self::caliper(46.97), null, RingState::Worn, MeasuredOn::Seats),
        );
        self::assertContains('6204', array_column($without->candidates, 'number'));
        self::assertSame(Level::Care, $without->verdict->level);
    }

    public function test_nothing_fits_shows_the_nearest_three(): void
    {
        $result = self::find(21.3, 48.7, 15.3, RingState::Clean);
        self::assertNull($result->number);
        self::assertCount(3, $result->candidates);
        self::assertSame(Level::Care, $result->verdict->level);
    }

    /** @return iterable<string, array{?float, ?float}> */
    public static function impossible(): iterable
    {
        yield 'nothing' => [null, null];
        yield 'bore larger than outside' => [47, 20];
        yield 'bore as large as outside' => [20, 20];
    }

    #[DataProvider('impossible')]
    public function test_refuses_what_is_no_bearing(?float $bore, ?float $outside): void
    {
        $this->expectException(InvalidInput::class);
        new BearingFromCaliperInput($bore === null ? null : self::caliper($bore), $outside === null ? null : self::caliper($outside));
    }

    private static function find(
        ?float $bore,
        ?float $outside,
        ?float $width,
        RingState $state,
        Instrument $by = Instrument::DigitalCaliper,
    ): \CleanRace\Core\Sizing\Bearing\BearingFromCaliperResult {
        $read = static fn (?float $mm): ?Reading => $mm === null ? null : Reading::mm($mm, $by);

        return (new BearingFromCaliper(Limits::standard()))->work(
            new BearingFromCaliperInput($read($bore), $read($outside), $read($width), $state),
        );
    }
}
