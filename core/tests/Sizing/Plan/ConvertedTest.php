<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sizing\Plan;

use CleanRace\Core\Hub\Drawing\Piece;
use CleanRace\Core\Job\JobReport;
use CleanRace\Core\Job\WheelJob;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Sourcing\ToBuy;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tests\English;
use CleanRace\Core\Tests\Job\FindsStep;
use CleanRace\Core\Tooling\DrawBolt;
use CleanRace\Core\Verdict\Verdict;
use PHPUnit\Framework\TestCase;

/** Cups out, cartridges in: what is turned for them is a part of the hub, in its drawing, its steps and its list. */
final class ConvertedTest extends TestCase
{
    use FindsStep;

    /** Seats of 34.00 and 34.10, an axle of 10: a 6001 has rings of 3.00 and 3.05 and bushes of 1. */
    private const READ = [
        'size.cup_seat_left' => ['mm' => 34.0],
        'size.cup_seat_right' => ['mm' => 34.1],
        'size.axle_diameter' => ['mm' => 10.0],
        'size.left.number' => ['text' => '6001 2RS'],
        'size.right.number' => ['text' => '6001 2RS'],
    ];

    private const MADE = ['size.made' => ['choices' => ['ring_left', 'ring_right', 'bush_left', 'bush_right']]];

    /** @param  array<string, array<string, mixed>>  $entries */
    private static function report(array $entries, string $pattern = 'cup-cone-conversion'): JobReport
    {
        $notebook = new Notebook(array_map(static fn (array $v): array => ['value' => $v, 'instrument' => null], $entries));

        return (new WheelJob(Limits::standard()))->report(new Bench(HubPatterns::find($pattern), $notebook, [], null, DrawBolt::M12));
    }

    /** @return array<string, Piece> by part */
    private static function pieces(JobReport $report): array
    {
        return array_column($report->section->pieces, null, 'part');
    }

    public function test_what_is_made_lies_round_and_inside_its_bearing(): void
    {
        $before = self::pieces(self::report(self::READ));
        self::assertArrayNotHasKey('seat_ring_left', $before, 'nothing is made until somebody says so');

        $pieces = self::pieces(self::report(self::READ + self::MADE));
        foreach (['left' => 34.0, 'right' => 34.1] as $side => $seat) {
            $ring = $pieces["seat_ring_$side"];
            self::assertEqualsWithDelta([14.0, $seat / 2], [$ring->inner->mm, $ring->outer->mm], 1e-6);
            $bush = $pieces["axle_bush_$side"];
            self::assertEqualsWithDelta([5.0, 6.0], [$bush->inner->mm, $bush->outer->mm], 1e-6);
            foreach ([$ring, $bush] as $made) {
                self::assertEqualsWithDelta($pieces["bearing_$side"]->from->mm, $made->from->mm, 1e-9);
                self::assertEqualsWithDelta($pieces["bearing_$side"]->to->mm, $made->to->mm, 1e-9);
            }
        }
        self::assertEqualsWithDelta($before['bearing_left']->from->mm, $pieces['bearing_left']->from->mm, 1e-9, 'they take no room');
        $housing = $pieces['housing'];
        self::assertGreaterThanOrEqual($housing->from->mm - 1e-9, $pieces['bearing_left']->from->mm);
        self::assertLessThanOrEqual($housing->to->mm + 1e-9, $pieces['bearing_right']->to->mm, 'a narrower pair has shallower seats');
        $radii = array_map(static fn (array $c): float => round($c[1], 3), $pieces['housing']->outlines[0]->corners());
        self::assertContains(17.0, $radii, 'the left seat is as wide as its ring');
        self::assertContains(17.05, $radii, 'and the right one');
        self::assertNotContains(14.0, $radii);
    }

    public function test_a_ring_is_set_in_at_size_and_a_bush_goes_on_with_the_axle(): void
    {
        $report = self::report(self::READ + self::MADE);
        $size = array_map(static fn (Step $s): string => $s->id, $report->stations[2]->steps);
        $ring = array_search('size.seat_ring_left', $size, true);
        self::assertIsInt($ring);
        self::assertGreaterThan(array_search('size.conversion', $size, true), $ring);
        self::assertLessThan(array_search('size.left.bore', $size, true), $ring, 'its bore is measured once it is in');
        $seat = array_map(static fn (Step $s): string => $s->id, $report->stations[4]->steps);
        self::assertNotContains('seat.seat_ring_left', $seat, 'asked once');
        self::assertContains('seat.axle_bush_left', $seat);
        self::assertGreaterThan(array_search('seat.bearing_left.home', $seat, true), array_search('seat.axle_bush_left', $seat, true));
        self::assertStringContainsString('bore of the made ring', English::of(self::step($report, 'size.left.bore')->detail));
        self::assertStringNotContainsString('made ring', English::of(self::step(self::report(self::READ), 'size.left.bore')->detail));
        self::assertStringContainsString('Outside of the bush', English::of(self::step($report, 'size.axle')->asks[0]->label));
    }

    public function test_nothing_is_pressed_while_its_ring_is_missing(): void
    {
        $level = ['seat.right.start.eye' => ['choice' => 'level']];
        $keys = static fn (array $more): array => array_map(
            static fn (Verdict $v): string => $v->headline->key,
            self::step(self::report(self::READ + self::MADE + $level + $more), 'seat.right.start')->verdicts,
        );
        self::assertContains('seat.turn', $keys(['part.seat_ring_right' => ['state' => 'on_tray']]));
        $both = ['part.seat_ring_right' => ['state' => 'fitted'], 'part.seat_ring_left' => ['state' => 'fitted']];
        self::assertNotContains('seat.turn', $keys($both));
    }

    public function test_what_is_made_stands_on_the_list_with_its_sizes(): void
    {
        $says = array_map(
            static fn (ToBuy $line): string => English::of($line->what).': '.English::of($line->askFor),
            self::report(self::READ + self::MADE)->toBuy,
        );
        self::assertContains('Made ring, plain side: Turned: 34.00 mm outside, 28.00 mm bore, 8.00 mm long', $says);
        self::assertContains('Made ring, sprocket side: Turned: 34.10 mm outside, 28.00 mm bore, 8.00 mm long', $says);
        self::assertCount(
            1,
            preg_grep('/Made bush.*Turned: 12.00 mm outside, 10.00 mm bore/', $says) ?: [],
            'two bushes of one size are one line',
        );
    }

    public function test_pieces_are_those_of_the_bearing_that_was_chosen(): void
    {
        $best = self::report(array_diff_key(self::READ, ['size.left.number' => 0, 'size.right.number' => 0]))->conversion;
        self::assertNotNull($best);
        self::assertNotSame('6001', $best->cartridges[0]->number, 'another would need fewer pieces');
        $pieces = self::report(self::READ)->conversion->pieces ?? [];
        self::assertSame(
            [['ring_left'], ['ring_right'], ['bush_left', 'bush_right']],
            array_slice(array_column($pieces, 'parts'), 0, 3),
        );
        self::assertEqualsWithDelta([34.02, 27.98], [$pieces[0]->outside->mm, $pieces[0]->bore->mm], 1e-9);
    }

    public function test_a_ring_may_line_a_worn_seat_of_any_hub(): void
    {
        $report = self::report(
            ['hub.edits' => ['edits' => [['do' => 'add', 'kind' => 'seat_ring', 'after' => 'bearing_left']], 'undone' => 0]],
            'pair-sleeve',
        );
        $ids = array_map(static fn (Step $s): string => $s->id, $report->stations[2]->steps);
        self::assertCount(1, preg_grep('/^size\.seat_ring/', $ids) ?: []);
        self::assertStringContainsString('bore of the made ring', English::of(self::step($report, 'size.left.bore')->detail));
    }
}
