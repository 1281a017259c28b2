<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\Bearing;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Sizing\Bearing\BearingFromCaliper;
use CleanRace\Core\Sizing\Bearing\BearingFromCaliperInput;
use CleanRace\Core\Sizing\Bearing\RingState;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The one measurement that tells two sizes apart: the one in which they differ most, what was not measured before the rest. */
final class SplitterTest extends TestCase
{
    /** @return iterable<string, array{?float, ?float, ?float}> bore, outside and width as measured */
    public static function measured(): iterable
    {
        yield 'bore alone' => [20.0, null, null];
        yield 'outside alone' => [null, 47.0, null];
        yield 'width alone' => [null, null, 14.0];
        yield 'bore and width' => [20.0, null, 12.0];
        yield 'bore and outside' => [20.0, 47.0, null];
        yield 'outside and width' => [null, 52.0, 15.0];
    }

    #[DataProvider('measured')]
    public function test_it_names_what_tells_the_first_two_apart(?float $bore, ?float $outside, ?float $width): void
    {
        $read = static fn (?float $mm): ?Reading => $mm === null ? null : Reading::mm($mm, Instrument::DigitalCaliper);
        $found = (new BearingFromCaliper(Limits::standard()))->work(
            new BearingFromCaliperInput($read($bore), $read($outside), $read($width), RingState::Worn),
        );
        $said = $found->verdict->settledBy;
        if ($said === null) {
            self::assertCount(1, array_filter($found->candidates, static fn ($c): bool => $c->chiSquare < 1));

            return;
        }
        [$a, $b] = [$found->candidates[0], $found->candidates[1]];
        $apart = [
            'bore' => abs($a->bore->mm - $b->bore->mm) * ($bore === null ? 1 : 0.5),
            'outside diameter' => abs($a->outside->mm - $b->outside->mm) * ($outside === null ? 1 : 0.5),
            'width' => abs($a->width->mm - $b->width->mm) * ($width === null ? 1 : 0.5),
        ];
        self::assertStringContainsString('Measure the '.array_search(max($apart), $apart, true), English::of($said));
    }

    /** @return iterable<string, array{?float, ?float, ?float, string}> by a rule on rusty rings, and what is not measured once more */
    public static function coarse(): iterable
    {
        yield 'the bore differs most, and was read' => [5.8, 12.97, null, 'width'];
        yield 'bore and outside were read' => [6.06, 9.435, null, 'outside'];
        yield 'width and outside were read' => [null, 64.87, 17.17, 'bore'];
    }

    #[DataProvider('coarse')]
    public function test_what_was_read_tells_half_as_much_when_it_is_read_again(
        ?float $bore,
        ?float $outside,
        ?float $width,
        string $named,
    ): void {
        $read = static fn (?float $mm): ?Reading => $mm === null ? null : Reading::mm($mm, Instrument::SteelRule);
        $found = (new BearingFromCaliper(Limits::standard()))->work(
            new BearingFromCaliperInput($read($bore), $read($outside), $read($width), RingState::Rusty),
        );
        self::assertStringContainsString("Measure the $named", English::of($found->verdict->settledBy));
    }
}
