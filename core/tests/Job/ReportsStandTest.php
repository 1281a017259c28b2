<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Job;

use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\Kept;
use CleanRace\Core\Tests\Told;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Every hub, answered by people who know little: each step is judged as it was when the reports were last read. That it is
 * judged rightly is the matter of the tests beside each rule.
 */
final class ReportsStandTest extends TestCase
{
    private const PEOPLE = [21, 22, 23];

    private const ROUNDS = 4;

    /** @return iterable<string, array{Pattern}> */
    public static function patterns(): iterable
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            yield $id => [$pattern];
        }
    }

    #[DataProvider('patterns')]
    public function test_it_is_judged_as_it_was(Pattern $pattern): void
    {
        $lines = [];
        foreach (self::PEOPLE as $person) {
            $random = new Randomizer(new Mt19937($person + crc32($pattern->id())));
            $notebook = new Notebook();
            for ($round = 1; $round <= self::ROUNDS; $round++) {
                $report = (new WheelJob(Limits::standard()))->report(RandomAnswers::bench($pattern, $notebook));
                foreach ($report->stations as $station) {
                    foreach ($station->steps as $step) {
                        if ($step->verdicts !== []) {
                            $lines[] = "$person.$round $step->id ".self::said($step);
                        }
                    }
                }
                $lines[] = "$person.$round all ".Told::line($report);
                foreach (RandomAnswers::some($report, $random) as $ask) {
                    $notebook = RandomAnswers::noted($notebook, $ask, $random);
                }
            }
        }
        Kept::same(__DIR__."/reports/{$pattern->id()}.txt", $lines);
    }

    private static function said(Step $step): string
    {
        return implode(', ', array_map(static fn ($v): string => $v->level->value.' '.$v->headline->key, $step->verdicts));
    }
}
