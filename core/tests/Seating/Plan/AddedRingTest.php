<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Seating\Plan;

use CleanRace\Core\Steps\Step;
use PHPUnit\Framework\TestCase;

/** A snap ring that somebody added to the hub. */
final class AddedRingTest extends TestCase
{
    use AssembledHub;

    public function test_a_ring_added_by_hand_goes_in_after_the_bearing_of_its_own_side(): void
    {
        $order = static function (string $after): array {
            $edits = ['edits' => [['do' => 'add', 'kind' => 'snap_ring', 'after' => $after]], 'undone' => 0];
            $ids = array_map(static fn (Step $s): string => $s->id, self::steps(self::report('knuckle-pair', ['hub.edits' => $edits])));

            return array_values(array_intersect($ids, ['seat.right.home', 'seat.ring', 'seat.left.start', 'seat.left.home']));
        };
        self::assertSame(['seat.right.home', 'seat.left.start', 'seat.left.home', 'seat.ring'], $order('seal_left'));
        self::assertSame(['seat.right.home', 'seat.ring', 'seat.left.start', 'seat.left.home'], $order('bearing_right'));
    }
}
