<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sourcing;

use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\EntryReader;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tooling\DrawBolt;
use PHPUnit\Framework\TestCase;

/** "Everything is here" is said of a list; a new line on it opens the question again. */
final class ListGrowsTest extends TestCase
{
    private const NUMBERS = ['size.left.number' => ['text' => '6204 2RS'], 'size.right.number' => ['text' => '6204 2RS']];

    public function test_a_new_line_asks_again(): void
    {
        $said = $this->said(self::NUMBERS);
        self::assertTrue($this->list($said)->done);
        self::assertSame([], $this->list($said)->verdicts);
        $more = $said + ['part.snap_ring_left' => ['state' => 'on_tray', 'condition' => 'replace', 'order' => 1]];
        $list = $this->list($more);
        self::assertFalse($list->done);
        self::assertSame('The list has more on it now', English::of($list->verdicts[0]->headline ?? null));
        self::assertTrue($this->list($this->said($more))->done, 'said again, of the longer list');
    }

    public function test_another_number_asks_again_and_a_line_less_does_not(): void
    {
        $said = $this->said(self::NUMBERS);
        self::assertFalse($this->list(['size.left.number' => ['text' => '6205 2RS']] + $said)->done);
        $gone = ['part.bearing_left' => ['state' => 'not_there'], 'part.bearing_right' => ['state' => 'not_there']];
        self::assertTrue($this->list($gone + $said)->done);
    }

    public function test_what_was_said_before_lists_were_named_stands(): void
    {
        $ring = ['part.snap_ring_left' => ['state' => 'on_tray', 'condition' => 'replace']];
        $list = $this->list(['source.list.done' => ['done' => true]] + $ring);
        self::assertTrue($list->done);
    }

    public function test_what_it_was_said_of_is_kept(): void
    {
        $place = Places::at('source.list.done');
        self::assertSame(AskKind::Tick, $place->kind);
        $reader = new EntryReader();
        self::assertSame(['done' => true, 'of' => 'a,b'], $reader->read($place, ['done' => true, 'of' => 'a,b'], 'mm'));
        self::assertSame(['done' => true], $reader->read($place, ['done' => true, 'of' => 7], 'mm'));
    }

    /**
     * @param  array<string, array<string, mixed>>  $entries
     * @return array<string, array<string, mixed>> with the tick, as the page enters it
     */
    private function said(array $entries): array
    {
        $asks = $this->list(array_diff_key($entries, ['source.list.done' => true]))->asks;
        $ask = array_values(array_filter($asks, static fn (Ask $one): bool => $one->place === 'source.list.done'))[0];

        return ['source.list.done' => ['done' => true, 'of' => (string) $ask->stamp]] + $entries;
    }

    /** @param  array<string, array<string, mixed>>  $entries */
    private function list(array $entries): Step
    {
        $steps = $this->job($entries)->stations[3]->steps;

        return array_values(array_filter($steps, static fn (Step $s): bool => $s->id === 'source.list'))[0];
    }

    /** @param  array<string, array<string, mixed>>  $entries */
    private function job(array $entries): JobReport
    {
        $notebook = new Notebook(array_map(static fn (array $v): array => ['value' => $v, 'instrument' => null], $entries));

        return (new WheelJob(Limits::standard()))->report(new Bench(HubPatterns::find('pair-sleeve'), $notebook, [], null, DrawBolt::M12));
    }
}
