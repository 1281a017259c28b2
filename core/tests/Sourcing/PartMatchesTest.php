<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sourcing;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Sourcing\MatchPart;
use CleanRace\Core\Sourcing\PartMatch;
use CleanRace\Core\Sourcing\ToBuy;
use CleanRace\Core\Steps\Panel;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tests\Job\FindsStep;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What came beside what came out, for every hub. */
final class PartMatchesTest extends TestCase
{
    use FindsStep;

    /**
     * @param  array<string, array<string, mixed>>  $entries
     * @param  array<string, string>  $habits
     */
    private static function report(string $pattern, array $entries = [], array $habits = []): JobReport
    {
        $notebook = new Notebook(array_map(static fn (array $v): array => ['value' => $v, 'instrument' => null], $entries));

        return (new WheelJob(Limits::standard()))->report(
            new Bench(HubPatterns::find($pattern), $notebook, [], null, DrawBolt::M12, false, [], $habits),
        );
    }

    /** @return iterable<string, array{Pattern}> */
    public static function patterns(): iterable
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            yield $id => [$pattern];
        }
    }

    #[DataProvider('patterns')]
    public function test_what_is_worn_comes_on_the_list_once_and_is_matched_when_it_comes(Pattern $pattern): void
    {
        $parts = $pattern->stack(new Notebook())->line();
        $entries = [];
        foreach ($parts as $part) {
            $entries["part.$part->id"] = ['state' => 'on_tray', 'condition' => 'replace'];
        }
        $report = self::report($pattern->id(), $entries);
        self::assertNotEmpty($report->toBuy);
        self::assertGreaterThanOrEqual(
            count($parts),
            array_sum(array_map(static fn (ToBuy $l): int => $l->quantity, $report->toBuy)),
            'nothing that is worn is left off',
        );
        $asked = array_map(static fn (ToBuy $l): string => English::of($l->askFor).English::of($l->note), $report->toBuy);
        self::assertSame($asked, array_values(array_unique($asked)), 'the same thing stands in one line');
        foreach ($report->toBuy as $line) {
            self::assertNotSame('', $line->askFor);
            self::assertGreaterThan(0, $line->quantity);
        }
        $matches = array_filter($report->stations[3]->steps, static fn (Step $s): bool => $s->panel === Panel::Match);
        self::assertNotEmpty($matches);
        foreach ($matches as $step) {
            self::assertNotEmpty($step->asks, $step->id);
        }
    }

    #[DataProvider('patterns')]
    public function test_a_part_that_came_is_stopped_when_one_of_its_sizes_is_wrong(Pattern $pattern): void
    {
        foreach ($pattern->stack(new Notebook())->line() as $part) {
            $rows = array_values(
                array_filter(MatchPart::sizes($part->kind), static fn (array $r): bool => isset($part->sizes[$r['what']])),
            );
            if ($rows === [] || ($pattern->card()->pair && $part->kind === PartKind::Bearing)) {
                continue;
            }
            $entries = ["part.$part->id" => ['state' => 'on_tray', 'condition' => 'replace']];
            foreach ($rows as $row) {
                $entries["source.part.$part->id.new.{$row['what']}"] = ['mm' => $part->mm($row['what'])];
                if ($part->kind === PartKind::Cone) {
                    $entries["source.part.$part->id.old.{$row['what']}"] = ['mm' => $part->mm($row['what'])];
                }
            }
            $step = "source.match.$part->id";
            self::assertNotSame(
                Level::Stop,
                self::step(self::report($pattern->id(), $entries), $step)->verdicts[0]->level,
                "$part->id is the same",
            );
            $entries["source.part.$part->id.new.{$rows[0]['what']}"] = ['mm' => $part->mm($rows[0]['what']) + 2];
            $wrong = self::report($pattern->id(), $entries);
            self::assertSame(Level::Stop, self::step($wrong, $step)->verdicts[0]->level, "$part->id differs");
            self::assertCount(
                count($rows),
                array_values(array_filter($wrong->matches, static fn (PartMatch $m): bool => $m->part === $part->id))[0]->compared,
            );
        }
        $this->addToAssertionCount(1);
    }
}
