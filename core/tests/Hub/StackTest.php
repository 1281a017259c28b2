<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Hub;

use CleanRace\Core\Hub\Lane;
use CleanRace\Core\Hub\Layout;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Hub\StackEdits;
use CleanRace\Core\Hub\StackFault;
use CleanRace\Core\Hub\StackFaults;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\Pattern;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** The parts of a hub as they are edited: order, lengths, undo, and what cannot be. */
final class StackTest extends TestCase
{
    use TestTrait;

    private const VERBS = ['move', 'remove', 'duplicate', 'flip', 'resize', 'add', 'undo', 'redo'];

    private static function usual(string $pattern): Stack
    {
        return HubPatterns::find($pattern)->stack(new Notebook([]));
    }

    /** @return list<string> */
    private static function ids(Stack $stack): array
    {
        return array_map(static fn (Part $p): string => $p->id, $stack->parts);
    }

    /**
     * An edit made of two numbers, whatever the stack.
     *
     * @return array<string, mixed>
     */
    private static function edit(Stack $stack, int $which, int $what): array
    {
        $part = $stack->parts[$which % max(1, count($stack->parts))] ?? null;
        $verb = self::VERBS[$what % count(self::VERBS)];
        $size = $part === null ? 'width' : $part->kind->sizes()[$what % count($part->kind->sizes())];

        return match ($verb) {
            'move' => ['do' => 'move', 'part' => $part->id ?? 'x', 'by' => ($what % 7) - 3 ?: 1],
            'resize' => ['do' => 'resize', 'part' => $part->id ?? 'x', 'size' => $size, 'mm' => 1 + ($what % 60)],
            'add' => ['do' => 'add', 'kind' => PartKind::cases()[$what % count(PartKind::cases())]->value] +
                ($part === null ? [] : ['after' => $part->id]),
            'undo', 'redo' => ['do' => $verb],
            default => ['do' => $verb, 'part' => $part->id ?? 'x'],
        };
    }

    public function test_whatever_is_edited_order_lengths_and_undo_hold(): void
    {
        $this->edited(150);
    }

    #[Group('long')]
    public function test_whatever_is_edited_many_times_over(): void
    {
        $this->edited(600);
    }

    private function edited(int $times): void
    {
        $patterns = array_values(array_map(static fn (Pattern $p): string => $p->id(), HubPatterns::all()));
        $this->limitTo($times)
            ->forAll(
                Generators::choose(0, count($patterns) - 1),
                Generators::seq(Generators::tuple(Generators::choose(0, 400), Generators::choose(0, 5000))),
            )
            ->then(function (int $pattern, array $steps) use ($patterns): void {
                $start = self::usual($patterns[$pattern]);
                $edits = StackEdits::from(null);
                $seen = [$start];
                foreach ($steps as [$which, $what]) {
                    $now = $edits->onto($start);
                    try {
                        $edits = StackEdits::from($edits->plus(self::edit($now, $which, $what), 'mm')->checked($start)->kept());
                    } catch (InvalidInput $invalid) {
                        self::assertNotSame('', $invalid->getMessage());

                        continue;
                    }
                    $after = $edits->onto($start);
                    $seen[] = $after;
                    self::assertSame(
                        count($after->parts),
                        count(array_unique(self::ids($after))),
                        'every part keeps a name of its own',
                    );
                    self::assertLengthIsThatOfItsParts($after);
                }
                while ($edits->mayUndo()) {
                    $before = $edits->onto($start);
                    $edits = $edits->plus(['do' => 'undo'], 'mm');
                    self::assertEquals($before, $edits->plus(['do' => 'redo'], 'mm')->onto($start), 'redo brings back what undo took');
                }
                self::assertEquals($start, $edits->onto($start), 'undone to the end, it is what it was');
            });
    }

    /** Parts on the axle stand end to end outside the bearings, without gap or overlap. */
    private static function assertLengthIsThatOfItsParts(Stack $stack): void
    {
        $layout = Layout::of($stack);
        $line = $stack->line();
        foreach ($line as $part) {
            [$from, $to] = $layout->at[$part->id];
            self::assertTrue(is_finite($from) && $to >= $from, $part->id);
            if (in_array($part->kind->lane(), [Lane::Axle, Lane::Both], true) && $part->kind !== PartKind::ORing) {
                self::assertEqualsWithDelta($part->along(), $to - $from, 1e-6, $part->id);
                self::assertGreaterThanOrEqual($layout->axleFrom - 1e-6, $from);
                self::assertLessThanOrEqual($layout->axleTo + 1e-6, $to);
            }
        }
        $both = array_values(array_filter($line, static fn (Part $p): bool => $p->kind->lane() === Lane::Both));
        for ($i = 1; $i < count($both); $i++) {
            self::assertGreaterThanOrEqual(
                $layout->at[$both[$i - 1]->id][1] - 1e-6,
                $layout->at[$both[$i]->id][0],
                'left to right in the order of the list',
            );
        }
        self::assertEqualsWithDelta($layout->axleTo - $layout->axleFrom, $stack->length()->mm, 1e-9);
    }

    public function test_moving_keeps_the_rest_in_order(): void
    {
        $stack = self::usual('pair-sleeve');
        $moved = $stack->moved('sleeve', -2);
        self::assertSame(
            [
                'axle',
                'housing',
                'spacer_left',
                'seal_left',
                'sleeve',
                'snap_ring_left',
                'bearing_left',
                'bearing_right',
                'seal_right',
                'spacer_right',
            ],
            self::ids($moved),
        );
        self::assertEquals($stack, $moved->moved('sleeve', 2));
    }

    public function test_what_came_after_an_undone_change_is_dropped_by_a_new_one(): void
    {
        $edits = StackEdits::from(null)
            ->plus(['do' => 'flip', 'part' => 'seal_left'], 'mm')
            ->plus(['do' => 'undo'], 'mm')
            ->plus(['do' => 'remove', 'part' => 'sleeve'], 'mm');
        self::assertFalse($edits->mayRedo());
        self::assertSame('lip and spring in', $edits->onto(self::usual('pair-sleeve'))->get('seal_left')->way);
        self::assertNull($edits->onto(self::usual('pair-sleeve'))->find('sleeve'));
    }

    public function test_a_size_is_typed_as_people_type(): void
    {
        $edits = StackEdits::from(null)->plus(['do' => 'resize', 'part' => 'sleeve', 'size' => 'length', 'typed' => '2 1/4 in'], 'mm');
        self::assertEqualsWithDelta(57.15, $edits->onto(self::usual('pair-sleeve'))->get('sleeve')->mm('length'), 1e-9);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function nonsense(): iterable
    {
        yield 'no such part' => [['do' => 'remove', 'part' => 'wing']];
        yield 'the axle has no place' => [['do' => 'move', 'part' => 'axle', 'by' => 1]];
        yield 'nought wide' => [['do' => 'resize', 'part' => 'sleeve', 'size' => 'length', 'typed' => '0']];
        yield 'no such size' => [['do' => 'resize', 'part' => 'sleeve', 'size' => 'weight', 'typed' => '3']];
        yield 'letters' => [['do' => 'resize', 'part' => 'sleeve', 'size' => 'length', 'typed' => 'long']];
        yield 'no such kind' => [['do' => 'add', 'kind' => 'rocket']];
        yield 'moved nowhere' => [['do' => 'move', 'part' => 'sleeve', 'by' => 0]];
        yield 'nothing' => [[]];
    }

    /** @param  array<string, mixed>  $given */
    #[DataProvider('nonsense')]
    public function test_a_change_that_cannot_be_made_is_refused(array $given): void
    {
        $this->expectException(InvalidInput::class);
        StackEdits::from(null)->plus($given, 'mm')->checked(self::usual('pair-sleeve'));
    }

    /** @return iterable<string, array{string, list<array<string, mixed>>, string}> pattern, edits, what is said */
    public static function impossible(): iterable
    {
        yield 'two housings' => ['pair-sleeve', [['do' => 'add', 'kind' => 'housing']], 'stack.two'];
        yield 'a spacer tube outside the pair' => [
            'pair-sleeve',
            [['do' => 'move', 'part' => 'sleeve', 'by' => 3]],
            'stack.sleeve_outside',
        ];
        yield 'a ring with no bearing beside it' => [
            'pair-sleeve',
            [['do' => 'remove', 'part' => 'bearing_left']],
            'stack.ring_nowhere',
        ];
        yield 'a ring of another bore' => [
            'pair-sleeve',
            [['do' => 'resize', 'part' => 'snap_ring_left', 'size' => 'outside', 'mm' => 52]],
            'stack.ring_size',
        ];
        yield 'a bearing too small for the axle' => [
            'pair-sleeve',
            [['do' => 'resize', 'part' => 'bearing_left', 'size' => 'bore', 'mm' => 17]],
            'stack.bore_small',
        ];
        yield 'a bearing larger than the housing' => [
            'pair-sleeve',
            [['do' => 'resize', 'part' => 'bearing_left', 'size' => 'outside', 'mm' => 70]],
            'stack.housing_small',
        ];
        yield 'a seal between the bearings' => [
            'pair-sleeve',
            [['do' => 'move', 'part' => 'seal_left', 'by' => 3]],
            'stack.seal_inside',
        ];
        yield 'an axle too short' => [
            'pair-sleeve',
            [['do' => 'resize', 'part' => 'axle', 'size' => 'length', 'mm' => 90]],
            'stack.axle_short',
        ];
        yield 'shoulders deeper than the housing' => [
            'pair-sleeve',
            [['do' => 'resize', 'part' => 'housing', 'size' => 'length', 'mm' => 40]],
            'stack.ledges',
        ];
        yield 'a bearing wider than its shoulder is deep' => [
            'pair-sleeve',
            [['do' => 'resize', 'part' => 'bearing_left', 'size' => 'width', 'mm' => 25]],
            'stack.ledge_shallow',
        ];
        yield 'balls without their cup' => ['cup-cone', [['do' => 'remove', 'part' => 'cup_left']], 'stack.alone'];
        yield 'a cup without its cone' => ['taper-pair', [['do' => 'remove', 'part' => 'taper_cone_right']], 'stack.alone'];
        yield 'nothing that turns' => ['single-ring', [['do' => 'remove', 'part' => 'bearing']], 'stack.no_bearing'];
        yield 'wider inside than outside' => [
            'pair-sleeve',
            [['do' => 'resize', 'part' => 'sleeve', 'size' => 'bore', 'mm' => 30]],
            'stack.inside_out',
        ];
        yield 'no axle' => ['pair-sleeve', [['do' => 'remove', 'part' => 'axle']], 'stack.none'];
    }

    /** @param  list<array<string, mixed>>  $changes */
    #[DataProvider('impossible')]
    public function test_what_cannot_be_is_said(string $pattern, array $changes, string $key): void
    {
        $edits = StackEdits::from(null);
        foreach ($changes as $change) {
            $edits = $edits->plus($change, 'mm');
        }
        $faults = StackFaults::of($edits->onto(self::usual($pattern)));
        self::assertContains($key, array_map(static fn (StackFault $f): string => $f->say->key, $faults));
        foreach ($faults as $fault) {
            self::assertStringEndsWith('.', $fault->say->inEnglish());
            self::assertStringNotContainsString('{', $fault->say->inEnglish());
        }
    }
}
