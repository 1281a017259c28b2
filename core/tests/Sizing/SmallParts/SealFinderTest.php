<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\SmallParts;

use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Reading;
use CleanRace\Core\Sizing\SmallParts\PartFound;
use CleanRace\Core\Sizing\SmallParts\SealFinder;
use CleanRace\Core\Sizing\SmallParts\SealInput;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A seal by its print or by caliper. */
final class SealFinderTest extends TestCase
{
    private static function caliper(?float $mm): ?Reading
    {
        return $mm === null ? null : Reading::mm($mm, Instrument::DigitalCaliper);
    }

    /** @return iterable<string, array{string, ?string}> printed, found */
    public static function printed(): iterable
    {
        yield 'shaft first' => ['35 62 7', '35 × 62 × 7 mm'];
        yield 'bore first' => ['62x45x6', '45 × 62 × 6 mm'];
        yield 'strokes' => ['25/47/7', '25 × 47 × 7 mm'];
        yield 'inch fractions' => ['1 x 1 1/2 x 1/4', '25.4 × 38.1 × 6.35 mm'];
        yield 'dashes' => ['30-47-7', '30 × 47 × 7 mm'];
        yield 'no such stock size' => ['33 60 9', null];
    }

    #[DataProvider('printed')]
    public function test_a_seal_by_what_is_printed_in_either_order(string $printed, ?string $found): void
    {
        try {
            self::assertSame($found, self::seal(new SealInput($printed))->found);
        } catch (InvalidInput) {
            self::assertNull($found);
        }
    }

    private static function seal(SealInput $input): PartFound
    {
        return (new SealFinder(Limits::standard()))->work($input);
    }

    public function test_a_seal_is_read_as_it_is_marked(): void
    {
        foreach (['TC 30 47 7', 'TC30x47x7', '30/47/7', '30x47x7 SC', 'tb 30-47-7', '47 30 7'] as $printed) {
            self::assertSame(
                'Seal 30 × 47 × 7 mm',
                (new SealFinder(Limits::standard()))->work(new SealInput($printed))->verdict->headline->inEnglish(),
                $printed,
            );
        }
    }

    public function test_a_seal_by_caliper_is_found_over_a_worn_track(): void
    {
        self::assertSame(
            '35 × 62 × 7 mm',
            self::seal(new SealInput(null, self::caliper(34.85), self::caliper(62.04), self::caliper(7.1)))->found,
        );
        self::assertSame(
            '35 × 62 × 7 mm',
            self::seal(new SealInput('  ', self::caliper(35.0), self::caliper(62.0), self::caliper(7.0)))->found,
            'nothing is printed on it but rust',
        );
        $bore = self::seal(new SealInput(null, null, self::caliper(47.02)));
        self::assertSame(Level::Care, $bore->verdict->level);
        self::assertGreaterThan(3, count($bore->candidates));
        self::assertNotNull($bore->verdict->settledBy);
    }

    public function test_a_seal_refuses_what_cannot_be(): void
    {
        foreach ([[null, null, null], [null, 50.0, 40.0]] as [$printed, $shaft, $bore]) {
            try {
                new SealInput($printed, self::caliper($shaft), self::caliper($bore));
                self::fail('was taken');
            } catch (InvalidInput $invalid) {
                self::assertNotNull($invalid->field);
            }
        }
        $this->expectException(InvalidInput::class);
        self::seal(new SealInput('seal of unknown make'));
    }
}
