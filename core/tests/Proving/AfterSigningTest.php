<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Proving;

use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Fastener;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Proving\AfterSigning;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a signed job asks to be looked at again after the first ride. */
final class AfterSigningTest extends TestCase
{
    private const NOT_RIDDEN = ['single-ring', 'spindle', 'flanged-wheel'];

    /** @return iterable<string, array{Pattern}> */
    public static function patterns(): iterable
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            yield $id => [$pattern];
        }
    }

    /** @param  list<string>  $places of fasteners that were brought to their figure */
    private static function recheck(Pattern $pattern, array $places): string
    {
        $done = array_fill_keys($places, ['value' => ['done' => true], 'instrument' => null]);

        return English::of((new AfterSigning(Limits::standard()))->recheck($pattern, new Notebook($done)));
    }

    #[DataProvider('patterns')]
    public function test_what_was_tightened_is_named_and_nothing_else(Pattern $pattern): void
    {
        $fasteners = $pattern->fasteners();
        $places = array_map(static fn (Fastener $f): string => $f->place('done'), $fasteners);
        $none = self::recheck($pattern, []);
        self::assertSame($pattern->card()->isSetByHand() ? 'Setting after the first ride' : '', $none);
        foreach ($fasteners as $i => $fastener) {
            $one = self::recheck($pattern, [$places[$i]]);
            $when = in_array($pattern->id(), self::NOT_RIDDEN, true) ? 'run' : 'ride';
            self::assertStringEndsWith(" after the first $when: ".lcfirst($fastener->name), $one);
            self::assertSame($pattern->card()->isSetByHand(), str_starts_with($one, 'Setting and torques'));
        }
        if ($fasteners !== []) {
            $all = self::recheck($pattern, $places);
            self::assertStringEndsWith(
                ': '.implode(', ', array_map(static fn (Fastener $f): string => lcfirst($f->name), $fasteners)),
                $all,
                'in the order in which they are tightened',
            );
        }
    }

    public function test_a_torque_that_was_taken_back_is_not_looked_at_again(): void
    {
        $pattern = HubPatterns::find('pair-sleeve');
        $place = $pattern->fasteners()[0]->place('done');
        $notebook = new Notebook([$place => ['value' => ['done' => false], 'instrument' => null]]);
        self::assertNull((new AfterSigning(Limits::standard()))->recheck($pattern, $notebook));
    }

    public function test_it_is_due_within_weeks_and_a_life_rests_on_more_than_one_set(): void
    {
        $after = new AfterSigning(Limits::standard());
        self::assertGreaterThanOrEqual(1, $after->recheckDays());
        self::assertLessThanOrEqual(31, $after->recheckDays());
        self::assertGreaterThanOrEqual(3, $after->enoughSets());
    }
}
