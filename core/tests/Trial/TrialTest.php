<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Trial;

use CleanRace\Core\Practice\Bench\Chance;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Trial\CaliperTrial;
use CleanRace\Core\Trial\ConeTrial;
use CleanRace\Core\Trial\FitTrial;
use CleanRace\Core\Trial\HostileTrial;
use CleanRace\Core\Trial\PressTrial;
use CleanRace\Core\Trial\SeatingTrial;
use CleanRace\Core\Trial\SettingTrial;
use CleanRace\Core\Trial\SoundTrial;
use CleanRace\Core\Trial\SpellingTrial;
use CleanRace\Core\Trial\Trial;
use CleanRace\Core\Trial\TrialFigure;
use CleanRace\Core\Trial\WholeFitTrial;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;

/** Simulated jobs whose truth is known: the shares that the product promises. */
final class TrialTest extends TestCase
{
    /** @return iterable<string, array{Trial, int, int}> trial, jobs, seed */
    public static function trials(): iterable
    {
        $limits = Limits::standard();
        yield 'ten spellings of every number' => [new SpellingTrial(), 1, 11];
        yield 'caliper' => [new CaliperTrial($limits), 2000, 12];
        yield 'fits' => [new FitTrial($limits), 600, 13];
        yield 'all that follows from a fit' => [new WholeFitTrial($limits), 600, 13];
        yield 'seating' => [new SeatingTrial($limits), 1000, 13];
        yield 'seating again' => [new SeatingTrial($limits), 1000, 14];
        yield 'tapers and axles' => [new SettingTrial($limits), 600, 13];
        yield 'press traces' => [new PressTrial($limits), 3000, 16];
        yield 'press traces again' => [new PressTrial($limits), 3000, 17];
        yield 'cones' => [new ConeTrial($limits), 60, 6];
        yield 'hostile text' => [new HostileTrial($limits), 10000, 15];
    }

    /** @return iterable<string, array{Trial, int, int}> likewise, as many as settle a share to a half percent */
    public static function longTrials(): iterable
    {
        $limits = Limits::standard();
        yield 'caliper' => [new CaliperTrial($limits), 10000, 112];
        yield 'fits' => [new FitTrial($limits), 3000, 113];
        yield 'all that follows from a fit' => [new WholeFitTrial($limits), 3000, 113];
        yield 'seating' => [new SeatingTrial($limits), 10000, 113];
        yield 'tapers and axles' => [new SettingTrial($limits), 4000, 113];
        yield 'press traces' => [new PressTrial($limits), 5000, 116];
        yield 'cones' => [new ConeTrial($limits), 400, 106];
        yield 'sound' => [new SoundTrial($limits), 40, 118];
        yield 'sound, without taps' => [new SoundTrial($limits, tapped: false), 20, 119];
        yield 'hostile text' => [new HostileTrial($limits), 40000, 115];
    }

    #[DataProvider('longTrials')]
    #[Group('long')]
    public function test_many_more_say_the_same(Trial $trial, int $jobs, int $seed): void
    {
        $this->test_the_program_is_right_as_often_as_it_promises($trial, $jobs, $seed);
    }

    #[DataProvider('trials')]
    public function test_the_program_is_right_as_often_as_it_promises(Trial $trial, int $jobs, int $seed): void
    {
        $figures = $trial->run(new Chance(new Mt19937($seed)), $jobs);
        self::assertNotEmpty($figures);
        foreach ($figures as $figure) {
            self::assertGreaterThan(0, $figure->of);
            self::assertTrue($figure->isReached(), $figure->line());
        }
    }

    public function test_the_same_seed_gives_the_same_jobs(): void
    {
        $run = static fn (int $seed): array => array_map(
            static fn (TrialFigure $f): string => $f->line(),
            (new FitTrial(Limits::standard()))->run(new Chance(new Mt19937($seed)), 50),
        );
        self::assertSame($run(3), $run(3));
        $chance = new Chance(new Mt19937(5));
        $other = new Chance(new Mt19937(6));
        self::assertNotSame([$chance->between(0, 1), $chance->whole(0, 1000)], [$other->between(0, 1), $other->whole(0, 1000)]);
    }

    public function test_a_figure_can_miss(): void
    {
        self::assertFalse(TrialFigure::atLeast('a', 89, 100, 0.9)->isReached());
        self::assertTrue(TrialFigure::atLeast('a', 90, 100, 0.9)->isReached());
        self::assertFalse(TrialFigure::atMost('a', 3, 100, 0.02)->isReached());
        self::assertFalse(TrialFigure::atMost('a', 0, 0, 0.02)->isReached(), 'nothing tried is nothing shown');
        self::assertStringContainsString('MISS', TrialFigure::atLeast('a', 1, 2, 0.9, ['6204'])->line());
        self::assertStringContainsString('such as 6204', TrialFigure::atLeast('a', 1, 2, 0.9, ['6204'])->line());
    }
}
