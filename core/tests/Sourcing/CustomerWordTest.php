<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sourcing;

use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Sourcing\CustomerWord;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Steps\StationReport;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Questions to the customer: one at a time, each waits for its answer. */
final class CustomerWordTest extends TestCase
{
    private static function notebook(string ...$said): Notebook
    {
        $entries = [];
        foreach (array_values($said) as $i => $text) {
            $n = intdiv($i, 2) + 1;
            $entries[$i % 2 === 0 ? CustomerWord::asked($n) : CustomerWord::answer($n)] = [
                'value' => ['text' => $text],
                'instrument' => null,
            ];
        }

        return new Notebook($entries);
    }

    /**
     * @return iterable<string, array{list<string>, int, ?int}> questions and answers in turn, steps, the number of the question that waits
     */
    public static function talks(): iterable
    {
        yield 'nothing was asked' => [[], 1, null];
        yield 'asked' => [['Sleeve it, or a new hub?'], 1, 1];
        yield 'answered' => [['Sleeve it, or a new hub?', 'Sleeve it'], 2, null];
        yield 'asked again' => [['Sleeve it, or a new hub?', 'Sleeve it', 'The other wheel too?'], 2, 2];
        yield 'an answer taken back' => [['Sleeve it, or a new hub?', '', 'The other wheel too?', 'Yes'], 1, 1];
        yield 'an answer to nothing' => [['', 'Sleeve it'], 1, null];
        yield 'as much as anybody asks' => [array_fill(0, 12, 'x'), 6, null];
    }

    /** @param  list<string>  $said */
    #[DataProvider('talks')]
    public function test_one_question_waits_at_a_time(array $said, int $steps, ?int $open): void
    {
        $notebook = self::notebook(...$said);
        $made = (new CustomerWord())->steps($notebook);
        self::assertCount($steps, $made);
        self::assertSame($open === null ? null : $said[2 * ($open - 1)], CustomerWord::waiting($notebook));
        $judged = array_keys(array_filter($made, static fn (Step $s): bool => $s->worst() === Level::Care));
        self::assertSame($open === null ? [] : [$open - 1], $judged, 'only what waits is a care');
        self::assertSame([], array_filter($made, static fn (Step $s): bool => ! $s->optional), 'nobody has to ask');
    }

    public function test_a_question_is_done_when_it_is_answered(): void
    {
        $done = static fn (string ...$said): array => array_map(
            static fn (Step $s): bool => $s->done,
            StationReport::of(Station::Source, (new CustomerWord())->steps(self::notebook(...$said)), self::notebook(...$said))->steps,
        );
        self::assertSame([false], $done());
        self::assertSame([false], $done('Sleeve it, or a new hub?'));
        self::assertSame([true, false], $done('Sleeve it, or a new hub?', 'Sleeve it'));
    }

    public function test_what_was_decided_is_told_with_its_question(): void
    {
        self::assertSame([], CustomerWord::decided(self::notebook('Sleeve it, or a new hub?')));
        self::assertSame(
            [['Sleeve it, or a new hub?', 'Sleeve it']],
            CustomerWord::decided(self::notebook('Sleeve it, or a new hub?', 'Sleeve it', 'The other wheel too?')),
        );
    }

    public function test_every_place_that_is_asked_is_among_its_places(): void
    {
        $asked = [];
        foreach ((new CustomerWord())->steps(self::notebook(...array_fill(0, 12, 'x'))) as $step) {
            $asked = [...$asked, ...array_map(static fn (Ask $a): string => $a->place, $step->asks)];
        }
        self::assertSame(CustomerWord::places(), $asked);
    }
}
