<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Setting\Tapers;

use CleanRace\Core\Measure\Angle;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Setting\Tapers\NutSlot;
use CleanRace\Core\Setting\Tapers\TaperFeel;
use CleanRace\Core\Setting\Tapers\TaperNut;
use CleanRace\Core\Setting\Tapers\TaperNutInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A castle nut and its slots. */
final class TaperNutTest extends TestCase
{
    /** @return iterable<string, array{TaperNutInput, string, Level}> */
    public static function nuts(): iterable
    {
        $at = static fn (float $offset, int $holes = 1): TaperNutInput => new TaperNutInput(
            '3/4-16',
            6,
            $holes,
            Reading::mm($offset, Instrument::DialGauge),
        );
        yield 'one hole, none serves' => [$at(0.2), 'taper.shim', Level::Care];
        yield 'two holes, none serves' => [$at(0.01, 2), 'taper.shim', Level::Care];
        yield 'first slot' => [$at(0.06), 'taper.slot', Level::Go];
        yield 'the manual wants more' => [
            new TaperNutInput(
                '3/4-16',
                offset: Reading::mm(0.06, Instrument::DialGauge),
                bandLow: Length::mm(0.2),
                bandHigh: Length::mm(0.4),
            ),
            'taper.slot',
            Level::Go,
        ];
        $dial = static fn (float $mm): TaperNutInput => new TaperNutInput('3/4-16', dial: Reading::mm($mm, Instrument::DialGauge));
        yield 'dial, right' => [$dial(0.07), 'taper.dial', Level::Go];
        yield 'dial, loose' => [$dial(0.2), 'taper.loose', Level::Stop];
        yield 'dial, tight' => [$dial(0.0), 'taper.tight', Level::Stop];
        yield 'dial, at the edge' => [$dial(0.125), 'taper.edge', Level::Care];
        yield 'felt alone' => [new TaperNutInput('3/4-16', feel: TaperFeel::Free), 'taper.felt', Level::Care];
        yield 'drags alone' => [new TaperNutInput('3/4-16', feel: TaperFeel::Drags), 'taper.drags', Level::Care];
        $turned = static fn (float $degrees, ?TaperFeel $feel, int $holes = 1): TaperNutInput => new TaperNutInput(
            '3/4-16',
            holes: $holes,
            backedOff: Angle::degrees($degrees),
            feel: $feel,
        );
        // 17 degrees are 0.075; 28 are 0.123, give or take 0.028; 10 are 0.044, 14 are 0.062.
        yield 'in the middle by eye, surely' => [$turned(17, null), 'taper.slot', Level::Go];
        yield 'near its edge by eye' => [$turned(28, null), 'taper.by_eye', Level::Care];
        yield 'near its edge by eye, and it turns freely' => [$turned(28, TaperFeel::Free), 'taper.slot', Level::Go];
        yield 'turns freely, and the slot may be tight' => [$turned(9, TaperFeel::Free), 'taper.felt', Level::Care];
        yield 'hundredths beside it by eye: no shim' => [$turned((0.01 / 1.5875) * 360, null, 2), 'taper.by_eye', Level::Care];
        yield 'far beside it by eye' => [$turned((0.2 / 1.5875) * 360, null), 'taper.shim', Level::Care];
        yield 'far beside it by eye, never overruling the hands' => [$turned(45, TaperFeel::Free), 'taper.felt', Level::Care];
        yield 'plain play' => [new TaperNutInput('3/4-16', feel: TaperFeel::Play), 'taper.play', Level::Care];
        yield 'drags, though the dial says right' => [
            new TaperNutInput('3/4-16', dial: Reading::mm(0.07, Instrument::DialGauge), feel: TaperFeel::Drags),
            'taper.drags',
            Level::Care,
        ];
    }

    #[DataProvider('nuts')]
    public function test_a_castle_nut(TaperNutInput $input, string $key, Level $level): void
    {
        $result = (new TaperNut(Limits::standard()))->work($input);
        self::assertSame([$key, $level], [$result->verdict->headline->key, $result->verdict->level]);
        self::assertTrue($result->chosen === null || $result->shim === null, 'a slot or a shim');
    }

    public function test_slots_and_shims_of_the_worked_figures(): void
    {
        $one = (new TaperNut(Limits::standard()))->work(new TaperNutInput('3/4-16', 6, 1, Reading::mm(0.2, Instrument::DialGauge)));
        self::assertEqualsWithDelta([0.265, 0.125], [$one->step->mm, $one->shim?->mm], 0.0005);
        $two = (new TaperNut(Limits::standard()))->work(new TaperNutInput('3/4-16', 6, 2, Reading::mm(0.01, Instrument::DialGauge)));
        self::assertEqualsWithDelta([0.132, 0.067], [$two->step->mm, $two->shim?->mm], 0.0005);
        self::assertEqualsWithDelta(
            [0.01, 0.142],
            array_map(static fn (NutSlot $s): float => $s->endPlay->mm, array_slice($two->reachable, 0, 2)),
            0.0005,
        );
        self::assertSame([false, false], array_map(static fn (NutSlot $s): bool => $s->inBand, array_slice($two->reachable, 0, 2)));
        // With the shim in, a slot meets the middle of the band; a turn back says the same as a play.
        self::assertEqualsWithDelta(0.075, $two->reachable[1]->endPlay->mm - (float) $two->shim?->mm, 0.0005);
        $turned = (new TaperNut(Limits::standard()))->work(
            new TaperNutInput('3/4-16', backedOff: Angle::degrees((0.2 / 1.5875) * 360)),
        );
        self::assertEqualsWithDelta(0.2, $turned->reachable[0]->endPlay->mm, 1e-9);
        foreach (
            [
                ['3/4-16', [], 'backed_off_deg'],
                ['3/4-16', ['feel' => TaperFeel::Free, 'bandLow' => Length::mm(0.1)], 'band_low_mm'],
                ['3/4-16', ['feel' => TaperFeel::Free, 'bandLow' => Length::mm(0.2), 'bandHigh' => Length::mm(0.1)], 'band_high_mm'],
            ] as [$thread, $more, $field]
        ) {
            try {
                new TaperNutInput($thread, ...$more);
                self::fail('That was taken.');
            } catch (InvalidInput $invalid) {
                self::assertSame($field, $invalid->field);
            }
        }
    }
}
