<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\SmallParts;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Sizing\SmallParts\ORingFinder;
use CleanRace\Core\Sizing\SmallParts\ORingInput;
use CleanRace\Core\Sizing\SmallParts\SplitPinFinder;
use CleanRace\Core\Sizing\SmallParts\SplitPinInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Split pins and O-rings. */
final class PinAndORingTest extends TestCase
{
    /** @return iterable<string, array{float, ?float, string, Level}> */
    public static function pins(): iterable
    {
        yield 'a castle nut M12' => [3.25, 12.0, 'Split pin 3.2', Level::Go];
        yield 'M20' => [5.1, 24.0, 'Split pin 5', Level::Go];
        yield 'odd for its thread' => [2.05, 20.0, 'Split pin 2, but look at the thread', Level::Care];
        yield 'worn hole' => [4.5, null, 'No pin has such a hole', Level::Care];
    }

    #[DataProvider('pins')]
    public function test_a_split_pin_by_its_hole(float $hole, ?float $thread, string $headline, Level $level): void
    {
        $verdict = (new SplitPinFinder(Limits::standard()))->work(
            new SplitPinInput(Reading::mm($hole, Instrument::DigitalCaliper), $thread === null ? null : Length::mm($thread)),
        )->verdict;
        self::assertSame([$headline, $level], [$verdict->headline->inEnglish(), $verdict->level]);
    }

    public function test_an_o_ring_is_stretched_a_little_by_its_groove(): void
    {
        $found = (new ORingFinder(Limits::standard()))->work(
            new ORingInput(Reading::mm(19.3, Instrument::DigitalCaliper), Reading::mm(1.8, Instrument::DigitalCaliper)),
        );
        self::assertSame('O-ring 018', English::of($found->found));
        self::assertSame(
            'o_ring.none',
            (new ORingFinder(Limits::standard()))->work(new ORingInput(Reading::mm(80, Instrument::DigitalCaliper)))->verdict->headline
                ->key,
        );
    }
}
