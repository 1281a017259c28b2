<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\Bearing;

use CleanRace\Core\Catalogue\BearingKind;
use CleanRace\Core\Sizing\Bearing\BearingNumber;
use CleanRace\Core\Sizing\Bearing\BearingNumberInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A stamped number is judged by how much it settles. */
final class BearingNumberTest extends TestCase
{
    /** @return iterable<string, array{string, Level}> */
    public static function stamped(): iterable
    {
        yield 'whole' => ['6204 2RS', Level::Go];
        yield 'open' => ['6204', Level::Go];
        yield 'unclear seals' => ['6204 RS', Level::Care];
        yield 'guessed' => ['62O4', Level::Care];
        yield 'size not in the table' => ['6220', Level::Care];
    }

    #[DataProvider('stamped')]
    public function test_a_number_is_judged_by_how_much_it_settles(string $typed, Level $level): void
    {
        $result = (new BearingNumber(Limits::standard()))->work(new BearingNumberInput($typed));
        self::assertSame($level, $result->verdict->level);
        self::assertNotEmpty($result->verdict->working->lines);
    }

    public function test_each_kind_is_said_with_its_article(): void
    {
        $said = static fn (string $typed): string => (new BearingNumber(Limits::standard()))
            ->work(new BearingNumberInput($typed))
            ->verdict->sentence->inEnglish();
        self::assertStringStartsWith('A deep-groove ball bearing, 20 × 47 × 14 mm', $said('6204'));
        self::assertStringStartsWith('An angular-contact ball bearing', $said('7204'));
        foreach (BearingKind::cases() as $kind) {
            self::assertSame($kind->label(), preg_replace('/^An? /', '', $kind->one()));
            self::assertSame(preg_match('/^[aei]/', $kind->label()) === 1, str_starts_with($kind->one(), 'An '), $kind->one());
        }
    }

    public function test_says_what_to_ask_for_at_the_counter(): void
    {
        $ask = static fn (string $typed): string => (new BearingNumber(Limits::standard()))->work(new BearingNumberInput($typed))
            ->askFor;
        self::assertSame('6204, contact seal on both sides, 20 × 47 × 14 mm', $ask('6204 DDU'));
        self::assertSame('6204, contact seal on both sides, clearance C3, 20 × 47 × 14 mm', $ask('6204-2RSC3'));
        self::assertSame('6204, say whether one seal or two, 20 × 47 × 14 mm', $ask('6204RS'));
        self::assertStringContainsString('shield on both sides', $ask('608ZZ'));
        self::assertStringContainsString('11.113', $ask('R12 2RS'), 'sealed, it is wider than open');
    }
}
