<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Job;

use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Steps\EntryReader;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tests\WholeWords;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Tooling\ToolKind;
use CleanRace\Core\Tooling\WallTool;
use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Another language can be laid over whatever a job says: sentences are whole, and what stands in them is no English. */
final class WholeWordsTest extends TestCase
{
    private const ROUNDS = 6;

    /** @return iterable<string, array{Pattern}> */
    public static function patterns(): iterable
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            yield $id => [$pattern];
        }
    }

    #[DataProvider('patterns')]
    public function test_every_sentence_of_a_job_is_whole(Pattern $pattern): void
    {
        self::whole(self::reports($pattern, 11, 12, 13));
    }

    #[DataProvider('patterns')]
    #[Group('long')]
    public function test_every_sentence_is_whole_whoever_answers(Pattern $pattern): void
    {
        self::whole(self::reports($pattern, 14, 15, 16, 17));
    }

    /** @param  iterable<JobReport>  $reports */
    private static function whole(iterable $reports): void
    {
        $messages = 0;
        foreach ($reports as $report) {
            foreach (WholeWords::in($report) as $where => $said) {
                $messages++;
                self::assertNull(WholeWords::fault($said), "$where: $said->text");
            }
        }
        self::assertGreaterThan(500, $messages);
    }

    public function test_what_is_not_whole_is_found(): void
    {
        foreach (
            [
                ['{a} is {b}', ['a' => Message::plain('the bore'), 'b' => Written::of('too large')]],
                ['It is {a}', []],
                ['{way} it', ['way' => Message::of('way', 'Press {how}', ['how' => Written::of('it in')])]],
            ] as [$text, $values]
        ) {
            self::assertNotNull(WholeWords::fault(Message::of('k', $text, $values)));
        }
        self::assertNull(
            WholeWords::fault(Message::of('k', '{number} on {size}', ['number' => Written::of('6204 2RS'), 'size' => Length::mm(1.0)])),
        );
    }

    public function test_a_name_inside_a_sentence_begins_small_unless_it_is_spelled_so(): void
    {
        self::assertSame(
            ['left bearing', 'O-ring 018', 'outer side', 'left bearing out'],
            array_map(static fn (Message|string $m): string => English::of(Message::within($m)), [
                'Left bearing',
                'O-ring 018',
                Message::plain('Outer side'),
                Message::of('k', '{part} out', ['part' => Message::plain('Left bearing')]),
            ]),
        );
    }

    public function test_what_stands_at_the_head_of_a_line_begins_large(): void
    {
        self::assertSame(
            'Split pin 5',
            English::of(Message::headed(Message::of('k', 'split pin {size}', ['size' => Written::of('5')]))),
        );
        self::assertSame(
            'split pin 5',
            English::of(Message::within(Message::headed(Message::of('k', 'split pin {size}', ['size' => Written::of('5')])))),
        );
    }

    public function test_several_are_listed_and_one_is_itself(): void
    {
        self::assertSame('bore, 6204', English::of(Message::listed(['bore', Written::of('6204')])));
        self::assertSame('bore', Message::listed(['bore'])->text);
        self::assertSame('', English::of(Message::listed([])));
    }

    /** @return iterable<JobReport> of somebody who answers this and that */
    private static function reports(Pattern $pattern, int ...$people): iterable
    {
        foreach ($people as $seed) {
            $random = new Randomizer(new Mt19937($seed + crc32($pattern->id())));
            $notebook = new Notebook();
            for ($round = 0; $round < self::ROUNDS; $round++) {
                $report = (new WheelJob(Limits::standard()))->report(self::bench($pattern, $notebook));
                yield $report;
                foreach (RandomAnswers::some($report, $random) as $ask) {
                    $entry = RandomAnswers::to($ask, $random);
                    // What people write of their own is written large here, so that it is told from what the program says.
                    $entry =
                        isset($entry['text']) && is_string($entry['text'])
                            ? ['text' => mb_strtoupper($entry['text'])] + $entry
                            : $entry;
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

    private static function bench(Pattern $pattern, Notebook $notebook): Bench
    {
        $wall = [
            new WallTool('k1', 'K1', ToolKind::ImpactSocket, Length::mm(30), Length::mm(45), Length::mm(80)),
            new WallTool('k2', 'K2', ToolKind::Pipe, Length::mm(53), Length::mm(60.3), Length::mm(90)),
            new WallTool('k3', 'K3', ToolKind::Rod, length: Length::mm(300)),
            new WallTool('k4', 'K4', ToolKind::StandRing, Length::mm(60), Length::mm(90), Length::mm(60)),
        ];

        return new Bench(
            $pattern,
            $notebook,
            array_values(array_filter(array_map(static fn (WallTool $t) => $t->driver(), $wall))),
            null,
            DrawBolt::M12,
            false,
            $wall,
        );
    }
}
