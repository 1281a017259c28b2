<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Patterns;

use CleanRace\Core\Hub\Drawing\Hatch;
use CleanRace\Core\Hub\Drawing\Section;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\StackFaults;
use CleanRace\Core\Hub\Tray;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\Hub;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Patterns\Put;
use CleanRace\Core\Patterns\SectionMaker;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tooling\DrawBolt;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What must be true of every hub pattern, those to come included. */
final class PatternsTest extends TestCase
{
    private const FOURTEEN = [
        'cup-cone',
        'cup-cone-conversion',
        'flanged-wheel',
        'freehub-body',
        'knuckle-pair',
        'knuckle-wide',
        'live-carrier',
        'pair-axle-shoulder',
        'pair-sleeve',
        'pair-tube-axle',
        'shaft-bearing',
        'single-ring',
        'spindle',
        'taper-pair',
    ];

    /** @return iterable<string, array{Pattern}> */
    public static function patterns(): iterable
    {
        foreach (HubPatterns::all() as $id => $pattern) {
            yield $id => [$pattern];
        }
    }

    private static function section(Pattern $pattern, ?Notebook $notebook = null): Section
    {
        $notebook ??= new Notebook([]);
        $hub = Hub::of($pattern, $notebook);

        return (new SectionMaker($hub, Tray::of($hub->stack, $notebook), $notebook))->section();
    }

    public function test_all_fourteen_are_there(): void
    {
        self::assertSame(self::FOURTEEN, array_keys(HubPatterns::all()));
    }

    public function test_people_find_a_kind_by_the_machine_it_is_met_on(): void
    {
        $order = array_map(static fn (Pattern $p): string => $p->card()->machine->value, array_slice(HubPatterns::byMachine(), 0, -1));
        self::assertSame(['bicycle', 'motorcycle'], array_slice(array_values(array_unique($order)), 0, 2));
        $runs = array_filter(array_keys($order), static fn (int $i): bool => $i === 0 || $order[$i - 1] !== $order[$i]);
        self::assertCount(count(array_unique($order)), $runs, 'each machine in one run');
        self::assertEqualsCanonicalizing(
            [...array_keys(HubPatterns::all()), 'not-sure'],
            array_map(static fn (Pattern $p): string => $p->id(), HubPatterns::byMachine()),
        );
    }

    #[DataProvider('patterns')]
    public function test_it_says_what_it_is(Pattern $pattern): void
    {
        $card = $pattern->card();
        foreach (
            [$card->name, $card->metOn, $card->fit, $card->left, $card->right, $pattern->firstSideReason(new Notebook([]))] as $words
        ) {
            self::assertNotSame('', $words);
        }
        self::assertSame($pattern::class, HubPatterns::find($pattern->id())::class);
        self::assertNotSame([], $pattern->fasteners());
        self::assertNotSame([], $pattern->capture());
        self::assertSame(
            count($pattern->capture()),
            count(array_unique(array_map(static fn (Ask $a): string => $a->place, $pattern->capture()))),
        );
    }

    #[DataProvider('patterns')]
    public function test_its_usual_parts_fit_together(Pattern $pattern): void
    {
        $stack = $pattern->stack(new Notebook([]));
        self::assertSame([], array_map(static fn ($f): string => $f->say->inEnglish(), StackFaults::of($stack)));
        foreach ($stack->parts as $part) {
            foreach ($part->kind->sizes() as $size) {
                self::assertGreaterThan(0, $part->mm($size), "{$part->name}: $size");
            }
            self::assertSame(
                [],
                array_diff(array_keys($part->sizes), [...$part->kind->sizes(), ...$part->kind->otherSizes()]),
                $part->name,
            );
        }
    }

    #[DataProvider('patterns')]
    public function test_its_assembly_names_every_part_once_and_the_sleeve_before_the_second_bearing(Pattern $pattern): void
    {
        $notebook = new Notebook([
            'check.ring_side' => ['value' => ['choice' => 'both'], 'instrument' => null],
            'size.made' => ['value' => ['choices' => ['ring_left', 'ring_right', 'bush_left', 'bush_right']], 'instrument' => null],
        ]);
        $first = $pattern->firstSide($notebook);
        $order = array_map(static fn (Put $put): string => $put->part, $pattern->assembly($first));
        $parts = array_map(
            static fn (Part $p): string => $p->id,
            // A ring made for a seat is in before anything is pressed.
            array_filter(
                $pattern->stack($notebook)->parts,
                static fn (Part $p): bool => ! in_array($p->kind, [PartKind::Housing, PartKind::SeatRing], true),
            ),
        );
        self::assertSame(count($order), count(array_unique($order)));
        self::assertEqualsCanonicalizing(array_values($parts), $order);
        $at = array_flip($order);
        $pair = array_values(
            array_filter($pattern->stack($notebook)->cartridges(), static fn (Part $p): bool => $p->side !== Side::Middle),
        );
        if (isset($at['sleeve']) && count($pair) === 2) {
            $second = $pair[0]->side === $first ? $pair[1] : $pair[0];
            $one = $pair[0]->side === $first ? $pair[0] : $pair[1];
            self::assertLessThan($at['sleeve'], $at[$one->id]);
            self::assertLessThan($at[$second->id], $at['sleeve']);
        }
    }

    #[DataProvider('patterns')]
    public function test_its_section_is_drawn_from_its_own_sizes(Pattern $pattern): void
    {
        $section = self::section($pattern);
        foreach ($section->pieces as $piece) {
            self::assertNotSame([], $piece->outlines, $piece->part);
            foreach ($piece->outlines as $outline) {
                self::assertGreaterThanOrEqual($outline->round === null ? 2 : 1, count($outline->corners()));
                foreach ($outline->corners() as [$along, $radius]) {
                    self::assertGreaterThanOrEqual($section->from->mm - 15, $along, $piece->part);
                    self::assertLessThanOrEqual($section->to->mm + 15, $along, $piece->part);
                    self::assertGreaterThanOrEqual(-0.001, $radius, $piece->part);
                    self::assertLessThanOrEqual($section->radius->mm + 0.001, $radius, $piece->part);
                }
            }
        }
    }

    public function test_balls_stay_between_their_rings_and_grooves_hold_them(): void
    {
        foreach (HubPatterns::all() as $pattern) {
            $stack = $pattern->stack(new Notebook([]));
            foreach (self::section($pattern)->pieces as $piece) {
                $part = $stack->get($piece->part);
                if (! $part->kind->isCartridge()) {
                    continue;
                }
                $balls = array_values(array_filter($piece->outlines, static fn ($o): bool => $o->hatch === Hatch::Ball));
                self::assertCount($part->kind === PartKind::DoubleRow ? 2 : 1, $balls);
                foreach ($balls as $ball) {
                    self::assertGreaterThan($part->mm('bore') / 2, $ball->points[1] - $ball->round, $pattern->id());
                    self::assertLessThan($part->mm('outside') / 2, $ball->points[1] + $ball->round, $pattern->id());
                    self::assertEqualsWithDelta(($part->mm('bore') + $part->mm('outside')) / 4, $ball->points[1], 0.01);
                }
            }
        }
    }

    public function test_gaps_are_told_between_neighbours_and_only_there(): void
    {
        $gaps = static fn (string $id): array => array_map(
            static fn ($g): string => sprintf('%s %.2f', English::of($g->label), $g->to->mm - $g->from->mm),
            self::section(HubPatterns::find($id))->gaps,
        );
        self::assertSame(
            ['left seal to left snap ring 0.55', 'left snap ring to left bearing 0.10', 'right bearing to right seal 2.40'],
            $gaps('pair-sleeve'),
        );
        self::assertSame([], $gaps('taper-pair'));
    }

    #[DataProvider('patterns')]
    public function test_only_a_pair_with_a_sleeve_is_sized_as_a_pair(Pattern $pattern): void
    {
        $bench = new Bench($pattern, new Notebook([]), [], null, DrawBolt::M12);
        self::assertSame($pattern->card()->pair, $bench->isPair(), 'a pattern that says it is a pair has what a pair needs');
    }
}
