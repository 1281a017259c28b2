<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Job;

use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Measure\Instrument;
use CleanRace\Core\Measure\Quantity;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Notebook\PlaceTable;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\HubPlaces;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Proving\Block;
use CleanRace\Core\Steps\EntryReader;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Verdict\Figure;
use CleanRace\Core\Verdict\Level;
use CleanRace\Core\Verdict\Message;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Every hub, answered by somebody who knows nothing: whatever is said, in whatever order, a report stays a report. */
final class AnsweredAtRandomTest extends TestCase
{
    private const ROUNDS = 8;

    /** @return iterable<string, array{Pattern, int}> */
    public static function people(): iterable
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            foreach ([1, 2] as $seed) {
                yield "$id, $seed" => [$pattern, $seed];
            }
        }
    }

    /** @return iterable<string, array{Pattern, int}> */
    public static function morePeople(): iterable
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            foreach (range(3, 8) as $seed) {
                yield "$id, $seed" => [$pattern, $seed];
            }
        }
    }

    #[DataProvider('morePeople')]
    #[Group('long')]
    public function test_whatever_more_people_answer(Pattern $pattern, int $seed): void
    {
        $this->test_whatever_is_answered_the_report_holds($pattern, $seed);
    }

    #[DataProvider('people')]
    public function test_whatever_is_answered_the_report_holds(Pattern $pattern, int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed * 7919 + crc32($pattern->id())));
        $notebook = new Notebook();
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $report = self::report($pattern, $notebook);
            self::holds($report, "{$pattern->id()}, person $seed, round $round");
            foreach (RandomAnswers::some($report, $random) as $ask) {
                $entry = RandomAnswers::to($ask, $random);
                if ($entry === null) {
                    continue;
                }
                // What a page shows to be asked, the program takes.
                $value = (new EntryReader())->read(Places::at($ask->place), $entry, 'mm', $notebook->value($ask->place));
                $notebook = $notebook->with($ask->place, [
                    'value' => $value,
                    'instrument' => $random->getInt(0, 2) > 0
                            ? null
                            : Instrument::cases()[$random->getInt(0, count(Instrument::cases()) - 1)]->value,
                ]);
            }
        }
        self::assertEquals(self::report($pattern, $notebook), self::report($pattern, $notebook), 'the same notebook, the same report');
    }

    /** @return iterable<string, array{Pattern}> */
    public static function patterns(): iterable
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            yield $id => [$pattern];
        }
    }

    #[DataProvider('patterns')]
    public function test_what_a_report_asks_is_asked_by_itself_too(Pattern $pattern): void
    {
        $random = new Randomizer(new Mt19937(crc32($pattern->id())));
        $notebook = new Notebook();
        foreach (range(1, 3) as $_) {
            foreach (RandomAnswers::some(self::report($pattern, $notebook), $random) as $ask) {
                $entry = RandomAnswers::to($ask, $random);
                $notebook =
                    $entry === null
                        ? $notebook
                        : $notebook->with($ask->place, [
                            'value' => (new EntryReader())->read(Places::at($ask->place), $entry, 'mm', $notebook->value($ask->place)),
                            'instrument' => null,
                        ]);
            }
        }
        $asks = RandomAnswers::asks(self::report($pattern, $notebook));
        self::assertGreaterThan(25, count($asks));
        $hub = new HubPlaces($pattern, $notebook);
        foreach ($asks as $address => $ask) {
            $place = Places::at($address);
            self::assertSame([$ask->kind, $ask->picture !== null], [$place->kind, $place->skippable], $address);
            self::assertTrue($hub->has($place), "{$pattern->id()} asks at $address, and can have no such place");
            $options = array_map(static fn (Option $o): string => $o->value, $ask->options);
            if (in_array($ask->kind, [AskKind::Choice, AskKind::Choices], true) && ! $place->offersAny()) {
                self::assertSame([], array_diff($options, $place->options), "$address offers what may not be answered there");
            }
            if (in_array($ask->kind, [AskKind::Length, AskKind::Depth], true)) {
                self::assertNotNull($place->least, "$address has no limits of sense");
                self::assertTrue(
                    $ask->instrument === $place->instrument || ($place->role === 'wall' && $ask->instrument === Instrument::Micrometer),
                    $address,
                );
            }
            self::assertNotSame('', $ask->role, "$address is nothing");
            if (preg_match('/^(?:size|source)\.(left|right)\./', $address, $side) === 1) {
                self::assertSame($side[1], $ask->seat, "$address is of one of the pair");
            }
        }
    }

    public function test_every_row_of_the_table_of_places_is_asked_by_some_hub(): void
    {
        $asked = [];
        foreach (HubPatterns::all() as $pattern) {
            foreach ([3, 4, 5] as $seed) {
                $random = new Randomizer(new Mt19937($seed));
                $notebook = new Notebook();
                foreach (range(1, 9) as $_) {
                    foreach (RandomAnswers::asks(self::report($pattern, $notebook)) as $ask) {
                        $asked[$ask->place] = true;
                        $entry = $random->getInt(0, 3) === 0 ? null : RandomAnswers::to($ask, $random);
                        $notebook =
                            $entry === null
                                ? $notebook
                                : $notebook->with($ask->place, [
                                    'value' => (new EntryReader())->read(
                                        Places::at($ask->place),
                                        $entry,
                                        'mm',
                                        $notebook->value($ask->place),
                                    ),
                                    'instrument' => null,
                                ]);
                    }
                }
            }
        }
        $used = array_unique(array_map(static fn (string $address): int => PlaceTable::row($address) ?? -1, array_keys($asked)));
        $never = array_diff_key(Table::rows('places'), array_flip($used));
        self::assertSame(
            ['prove.second', 'hub.edits', 'hub.as_found'],
            array_column($never, 'address'),
            'asked where a second person looks, or on a page of their own',
        );
        self::assertSame(
            [],
            array_filter(
                [
                    'no.such.place',
                    'check',
                    'check.',
                    'seat.left.home.13',
                    'bore.left.lip.3',
                    'part.',
                    'part.x.y',
                    'prove.nothing',
                    'fit.left',
                    '../x',
                    'size.left.number.x',
                ],
                static fn (string $address): bool => PlaceTable::find($address) !== null,
            ),
        );
    }

    private static function report(Pattern $pattern, Notebook $notebook): JobReport
    {
        return (new WheelJob(Limits::standard()))->report(RandomAnswers::bench($pattern, $notebook));
    }

    private static function holds(JobReport $report, string $who): void
    {
        foreach ($report->stations as $station) {
            self::steps($station, $who);
        }
        self::assertSame(
            $report->maySign,
            array_filter($report->blocks, static fn (Block $b): bool => $b->level === Level::Stop || ! $b->word) === [],
            "$who: nobody signs over a stop, nor over what wants a word and has none",
        );
        foreach (get_object_vars($report->sizes) as $size) {
            self::assertTrue($size === null || ! ($size instanceof Quantity) || is_finite($size->amount()), "$who: a size is a number");
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
                    self::assertDoesNotMatchRegularExpression(
                        '/\b(nan|inf)\b/i',
                        implode(' ', array_map(English::of(...), $line)),
                        "$who, $step->id",
                    );
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
            self::assertTrue(! ($value instanceof Quantity) || is_finite($value->amount()), "$who: $message->text");
        }
        self::assertNotSame('', trim($message->inEnglish()), $who);
    }

    private static function figure(Figure $figure, string $who): void
    {
        self::assertTrue(is_finite($figure->value->amount()), "$who: $figure->name");
        self::assertTrue(
            $figure->plusMinus === null || (is_finite($figure->plusMinus) && $figure->plusMinus >= 0),
            "$who: ± of $figure->name",
        );
    }
}
