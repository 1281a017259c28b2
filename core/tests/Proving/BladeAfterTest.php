<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Proving;

use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Proving\BladeAfter;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\Job\FindsStep;
use CleanRace\Core\Tests\Job\WorksJobs;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A blade before and after, and what else each hub is held against. */
final class BladeAfterTest extends TestCase
{
    use FindsStep;
    use WorksJobs;

    /** @return iterable<string, array{array<string, float>, ?Level, ?string}> */
    public static function measured(): iterable
    {
        yield 'nothing' => [[], null, null];
        yield 'only before' => [['check.blade_height' => 40, 'check.blade_true' => 1], null, null];
        yield 'true' => [['prove.after.blade_true' => 3.0], Level::Go, 'blade.level'];
        yield 'not true' => [['prove.after.blade_true' => 3.1], Level::Stop, 'blade.apart'];
        yield 'as high' => [['check.blade_height' => 40, 'prove.after.blade_height' => 43.0], Level::Go, 'blade.level'];
        yield 'higher' => [['check.blade_height' => 40, 'prove.after.blade_height' => 43.1], Level::Care, 'blade.moved'];
        yield 'lower' => [['check.blade_height' => 40, 'prove.after.blade_height' => 36.9], Level::Care, 'blade.moved'];
        yield 'nothing to hold it against' => [['prove.after.blade_height' => 40], Level::Go, 'blade.level'];
        yield 'both' => [
            ['check.blade_height' => 40, 'prove.after.blade_height' => 50, 'prove.after.blade_true' => 9],
            Level::Stop,
            'blade.apart',
        ];
    }

    /** @param  array<string, float>  $mm */
    #[DataProvider('measured')]
    public function test_it_hangs_as_it_hung(array $mm, ?Level $level, ?string $key): void
    {
        $notebook = self::bench('spindle', array_map(static fn (float $one): array => ['mm' => $one], $mm))->notebook;
        $verdict = (new BladeAfter(Limits::standard()))->verdict($notebook);
        self::assertSame([$level, $key], [$verdict?->level, $verdict?->headline->key]);
    }

    public function test_each_hub_is_asked_for_what_it_can_have(): void
    {
        $of = static fn (string $id): array => array_map(
            static fn ($ask): string => $ask->place,
            self::step(self::job($id), 'prove.after')->asks,
        );
        foreach (array_keys(HubPatterns::all()) as $id) {
            $asked = $of((string) $id);
            self::assertSame($id === 'spindle', in_array('prove.after.blade_true', $asked, true), (string) $id);
            self::assertSame($id === 'live-carrier', in_array('prove.after.chain_slack', $asked, true), (string) $id);
        }
        foreach (['spindle', 'single-ring', 'freehub-body'] as $id) {
            self::assertNotContains('prove.after.coast', $of($id), $id);
            self::assertNotContains('prove.after.rim_play', $of($id), $id);
        }
        self::assertContains('prove.after.coast', $of('pair-sleeve'));
    }

    public function test_a_cover_that_was_missing_is_looked_for_at_the_end(): void
    {
        $asked = static fn (array $causes): bool => in_array(
            'prove.cover',
            array_map(
                static fn ($ask): string => $ask->place,
                self::step(self::job('pair-sleeve', ['check.cause' => ['choices' => $causes]]), 'prove.checks')->asks,
            ),
            true,
        );
        self::assertTrue($asked(['jet', 'cover']));
        self::assertFalse($asked(['jet']));
    }
}
