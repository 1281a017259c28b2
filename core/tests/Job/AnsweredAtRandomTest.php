<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Job;

use CleanRace\Core\Hub\EntryReader;
use CleanRace\Core\Hub\Pattern;
use CleanRace\Core\Hub\Patterns;
use CleanRace\Core\Hub\StationReport;
use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Notebook;
use CleanRace\Core\Measure\Quantity;
use CleanRace\Core\Proving\Block;
use CleanRace\Core\Tooling\Bench;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Tooling\ToolList;
use CleanRace\Core\Tooling\WallTool;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Limits;
use CleanRace\Core\Verdict\Message;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Every hub, answered by somebody who knows nothing: whatever is said, in whatever order, a report stays a report. */
final class AnsweredAtRandomTest extends TestCase
{
    private const ROUNDS = 8;

    private const PEOPLE = 2;

    /** @return iterable<string, array{Pattern, int}> */
    public static function people(): iterable
    {
        foreach (Patterns::all() as $id => $pattern) {
            foreach (range(1, self::PEOPLE) as $seed) {
                yield "$id, $seed" => [$pattern, $seed];
            }
        }
    }

    #[DataProvider('people')]
    public function test_whatever_is_answered_the_report_holds(Pattern $pattern, int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed * 7919 + crc32($pattern->id())));
        $notebook = new Notebook;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $report = self::report($pattern, $notebook);
            self::holds($report, "{$pattern->id()}, person $seed, round $round");
            foreach (RandomAnswers::some($report, $random) as $ask) {
                $entry = RandomAnswers::to($ask, $random);
                if ($entry === null) {
                    continue;
                }
                // What a page shows to be asked, the program takes.
                $value = (new EntryReader)->read($ask, $entry, 'mm', $notebook->value($ask->place));
                $notebook = $notebook->with($ask->place, ['value' => $value, 'instrument' => $random->getInt(0, 2) > 0 ? null : Instrument::cases()[$random->getInt(0, count(Instrument::cases()) - 1)]->value]);
            }
        }
        self::assertEquals(self::report($pattern, $notebook), self::report($pattern, $notebook), 'the same notebook, the same report');
    }

    /** @return iterable<string, array{Pattern}> */
    public static function patterns(): iterable
    {
        foreach (Patterns::all() as $id => $pattern) {
            yield $id => [$pattern];
        }
    }

    #[DataProvider('patterns')]
    public function test_what_a_report_asks_is_asked_by_itself_too(Pattern $pattern): void
    {
        $random = new Randomizer(new Mt19937(crc32($pattern->id())));
        $notebook = new Notebook;
        foreach (range(1, 3) as $_) {
            foreach (RandomAnswers::some(self::report($pattern, $notebook), $random) as $ask) {
                $entry = RandomAnswers::to($ask, $random);
                $notebook = $entry === null ? $notebook : $notebook->with($ask->place, ['value' => (new EntryReader)->read($ask, $entry, 'mm', $notebook->value($ask->place)), 'instrument' => null]);
            }
        }
        $asks = RandomAnswers::asks(self::report($pattern, $notebook));
        self::assertGreaterThan(25, count($asks));
        foreach (array_slice($random->shuffleArray(array_keys($asks)), 0, 25) as $place) {
            $alone = (new WheelJob(Limits::standard()))->ask(self::bench($pattern, $notebook), $place);
            self::assertEquals([$asks[$place]->kind, $place, $asks[$place]->picture, $asks[$place]->until, $asks[$place]->options], [$alone?->kind, $alone?->place, $alone?->picture, $alone?->until, $alone?->options], "{$pattern->id()}: $place");
        }
        self::assertNull((new WheelJob(Limits::standard()))->ask(self::bench($pattern, $notebook), 'no.such.place'));
    }

    private static function bench(Pattern $pattern, Notebook $notebook): Bench
    {
        $wall = ToolList::starter();

        return new Bench($pattern, $notebook, array_values(array_filter(array_map(static fn (WallTool $t) => $t->driver(), $wall))), null, DrawBolt::M12, false, $wall);
    }

    private static function report(Pattern $pattern, Notebook $notebook): JobReport
    {
        return (new WheelJob(Limits::standard()))->report(self::bench($pattern, $notebook));
    }

    private static function holds(JobReport $report, string $who): void
    {
        foreach ($report->stations as $station) {
            self::steps($station, $who);
        }
        self::assertSame($report->maySign, array_filter($report->blocks, static fn (Block $b): bool => $b->level === Level::Stop || ! $b->word) === [], "$who: nobody signs over a stop, nor over what wants a word and has none");
        foreach (get_object_vars($report->sizes) as $size) {
            self::assertTrue($size === null || ! $size instanceof Quantity || is_finite($size->amount()), "$who: a size is a number");
        }
    }

    private static function steps(StationReport $station, string $who): void
    {
        $ids = array_map(static fn ($s): string => $s->id, $station->steps);
        self::assertSame($ids, array_values(array_unique($ids)), "$who: each step once");
        foreach ($station->steps as $step) {
            foreach ($step->verdicts as $verdict) {
                $words = [$verdict->headline, $verdict->sentence, $verdict->next, $verdict->settledBy, ...$verdict->why];
                foreach (array_filter($words) as $message) {
                    self::words($message, "$who, $step->id");
                }
                foreach ($verdict->figures as $figure) {
                    self::figure($figure, "$who, $step->id");
                }
                foreach ($verdict->working->lines as $line) {
                    self::assertDoesNotMatchRegularExpression('/\b(nan|inf)\b/i', implode(' ', $line), "$who, $step->id");
                }
            }
        }
    }

    /** Each place in the words has its value; a brace that a person typed is their own. */
    private static function words(Message $message, string $who): void
    {
        preg_match_all('/\{(\w+)\}/', $message->text, $places);
        self::assertSame([], array_diff($places[1], array_keys($message->values)), "$who: $message->text");
        foreach ($message->values as $value) {
            self::assertTrue(! $value instanceof Quantity || is_finite($value->amount()), "$who: $message->text");
        }
        self::assertNotSame('', trim($message->inEnglish()), $who);
    }

    private static function figure(Figure $figure, string $who): void
    {
        self::assertTrue(is_finite($figure->value->amount()), "$who: $figure->name");
        self::assertTrue($figure->plusMinus === null || (is_finite($figure->plusMinus) && $figure->plusMinus >= 0), "$who: ± of $figure->name");
    }
}
