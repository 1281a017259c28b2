<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Setting\Plan;

use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Steps\Station;
use CleanRace\Core\Steps\Step;
use CleanRace\Core\Verdict\Level;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is judged of the answers of the setting station. */
final class SetJudgementsTest extends TestCase
{
    use SetHub;

    /**
     * @return iterable<string, array{string, array<string, array<string, mixed>|string>, string, ?string, ?Level}>
     *   pattern, entries, step, headline, level
     */
    public static function judgements(): iterable
    {
        $try = static fn (float $mark, string $stage, string $felt, ?float $mm = null): array => [
            'mark' => $mark,
            'stage' => $stage,
            'felt' => $felt,
            'by' => 'dial_gauge',
        ] + ($mm === null ? [] : ['mm' => $mm]);
        $loose = ['set.cone.try.1' => $try(0, 'open', 'play', 1.2), 'set.cone.try.2' => $try(0, 'locked', 'play', 0.9)];
        yield 'a cone not tried' => ['cup-cone', [], 'set.cone', 'coach.first', Level::Care];
        yield 'a loose cone' => ['cup-cone', $loose, 'set.cone', 'coach.turn', Level::Care];
        yield 'a try that was taken back is passed over' => [
            'cup-cone',
            ['set.cone.try.1' => $try(0, 'open', 'play', 1.2), 'set.cone.try.3' => $try(0, 'locked', 'play', 0.9)],
            'set.cone',
            'coach.turn',
            Level::Care,
        ];
        yield 'a cone that is right' => [
            'cup-cone',
            [...$loose, 'set.cone.try.3' => $try(34, 'locked', 'none')],
            'set.cone',
            'coach.done',
            Level::Go,
        ];
        yield 'a thread that cannot be read' => [
            'cup-cone',
            [...$loose, 'set.axle_thread' => ['text' => 'none']],
            'set.cone',
            null,
            null,
        ];
        yield 'grit everywhere' => [
            'cup-cone',
            ['set.cone.try.1' => $try(0, 'locked', 'gritty'), 'set.cone.try.2' => $try(-70, 'locked', 'gritty')],
            'set.cone',
            'coach.grit',
            Level::Stop,
        ];
        yield 'an axle in the middle' => [
            'cup-cone',
            ['set.ends.left' => ['mm' => 5.4], 'set.ends.right' => ['mm' => 5.5]],
            'set.ends',
            'axle_ends.middle',
            Level::Go,
        ];
        yield 'an axle as it was' => [
            'cup-cone',
            [
                'set.ends.left' => ['mm' => 11.5],
                'set.ends.right' => ['mm' => 9.0],
                'check.axle_left' => ['mm' => 11.5],
                'check.axle_right' => ['mm' => 9.0],
            ],
            'set.ends',
            'axle_ends.as_before',
            Level::Go,
        ];
        yield 'a lever that would close on the axle' => [
            'cup-cone',
            [
                'set.ends.left' => ['mm' => 6.9],
                'set.ends.right' => ['mm' => 6.9],
                'set.ends.dropout' => ['mm' => 7],
                'set.cone.axle' => 'quick_release',
            ],
            'set.ends',
            'axle_ends.long',
            Level::Stop,
        ];
        yield 'one end of the axle says nothing' => ['cup-cone', ['set.ends.left' => ['mm' => 6.9]], 'set.ends', null, null];
        yield 'balls one too many' => [
            'cup-cone',
            ['seat.balls_left.circle' => ['mm' => 21.0], 'seat.balls_left.found' => ['count' => 11]],
            'seat.balls_left',
            'cup_balls.many',
            Level::Stop,
        ];
        yield 'balls of a size that does not go' => [
            'cup-cone',
            ['seat.balls_left.circle' => ['mm' => 10.0], 'seat.balls_left.ball' => ['mm' => 9.5]],
            'seat.balls_left',
            null,
            null,
        ];
        yield 'nothing known of the nut' => ['taper-pair', [], 'set.taper', null, null];
        yield 'a slot that serves' => ['taper-pair', ['set.taper.backed_off' => ['deg' => 17.0]], 'set.taper', 'taper.slot', Level::Go];
        yield 'no slot serves' => ['taper-pair', ['set.taper.backed_off' => ['deg' => 45.0]], 'set.taper', 'taper.shim', Level::Care];
        yield 'a second hole serves' => [
            'taper-pair',
            ['set.taper.backed_off' => ['deg' => 17.0], 'set.taper.holes' => 'two'],
            'set.taper',
            'taper.slot',
            Level::Go,
        ];
        yield 'the manual asks for more' => [
            'taper-pair',
            ['set.taper.backed_off' => ['deg' => 17.0], 'set.taper.band_low' => ['mm' => 0.2], 'set.taper.band_high' => ['mm' => 0.3]],
            'set.taper',
            'taper.shim',
            Level::Care,
        ];
        yield 'one end of a band is no band' => [
            'taper-pair',
            ['set.taper.backed_off' => ['deg' => 17.0], 'set.taper.band_low' => ['mm' => 0.2]],
            'set.taper',
            'taper.slot',
            Level::Go,
        ];
        yield 'the dial goes before the slots' => [
            'taper-pair',
            ['set.taper.backed_off' => ['deg' => 17.0], 'set.taper.dial' => ['mm' => 0.3]],
            'set.taper',
            'taper.loose',
            Level::Stop,
        ];
        yield 'judged by feel' => ['taper-pair', ['set.taper.feel' => 'trace'], 'set.taper', 'taper.felt', Level::Care];
        yield 'an old pin' => ['taper-pair', ['set.pins' => 'old'], 'set.pin', 'pins.old', Level::Stop];
        yield 'the pin for its hole' => [
            'taper-pair',
            ['set.pins' => 'new', 'set.taper.hole' => ['mm' => 4.0]],
            'set.pin',
            'pin.is',
            Level::Go,
        ];
        yield 'float with a washer from the wall' => [
            'flanged-wheel',
            ['set.float.space' => ['mm' => 84.6], 'set.float.wheel' => ['mm' => 78.4], 'set.float.washers' => ['mm' => 5.0]],
            'set.float',
            'float.add',
            Level::Care,
        ];
        yield 'a thrust washer on one side' => [
            'flanged-wheel',
            [
                'set.float.space' => ['mm' => 84.0],
                'set.float.wheel' => ['mm' => 78.4],
                'set.float.washers' => ['mm' => 5.1],
                'set.float.both' => 'one',
            ],
            'set.float',
            'float.both',
            Level::Care,
        ];
        yield 'a rim that stands right' => [
            'pair-sleeve',
            ['set.centre.gap_left' => ['mm' => 14.0], 'set.centre.gap_right' => ['mm' => 14.2]],
            'set.centre',
            'centre.right',
            Level::Go,
        ];
        yield 'a rim off the middle' => [
            'pair-sleeve',
            ['set.centre.gap_left' => ['mm' => 14.0], 'set.centre.gap_right' => ['mm' => 10.0]],
            'set.centre',
            'centre.move',
            Level::Care,
        ];
        yield 'spacers from the fork' => [
            'pair-sleeve',
            ['set.centre.fork' => ['mm' => 150], 'set.centre.face_left' => ['mm' => 52], 'set.centre.face_right' => ['mm' => 55]],
            'set.centre',
            'centre.cut',
            Level::Go,
        ];
        yield 'beyond the thread' => [
            'pair-sleeve',
            [
                'fastener.pinch_bolts.torque' => ['nm' => 40],
                'fastener.pinch_bolts.source' => 'manual',
                'fastener.pinch_bolts.thread' => ['text' => 'M8'],
                'fastener.pinch_bolts.grade' => '8.8',
            ],
            'set.pinch_bolts',
            'torque.over',
            Level::Stop,
        ];
        yield 'a thread that nobody can read is no ceiling' => [
            'pair-sleeve',
            [
                'fastener.pinch_bolts.torque' => ['nm' => 40],
                'fastener.pinch_bolts.source' => 'manual',
                'fastener.pinch_bolts.thread' => ['text' => 'the fine one'],
            ],
            'set.pinch_bolts',
            'torque.set',
            Level::Go,
        ];
        yield 'a stronger bolt' => [
            'pair-sleeve',
            [
                'fastener.pinch_bolts.torque' => ['nm' => 30],
                'fastener.pinch_bolts.source' => 'manual',
                'fastener.pinch_bolts.thread' => ['text' => 'M8'],
                'fastener.pinch_bolts.grade' => '10.9',
            ],
            'set.pinch_bolts',
            'torque.set',
            Level::Go,
        ];
        yield 'beyond the wrench on the wall' => [
            'pair-sleeve',
            ['fastener.axle_nut.torque' => ['nm' => 80], 'fastener.axle_nut.source' => 'manual', 'fastener.axle_nut.wrench' => '7'],
            'set.axle_nut',
            'torque.range',
            Level::Care,
        ];
        yield 'with an adapter' => [
            'pair-sleeve',
            [
                'fastener.axle_nut.torque' => ['nm' => 80],
                'fastener.axle_nut.source' => 'manual',
                'fastener.axle_nut.adapter' => ['mm' => 60],
                'fastener.axle_nut.wrench_length' => ['mm' => 300],
            ],
            'set.axle_nut',
            'torque.to',
            Level::Go,
        ];
        yield 'an adapter without the wrench says nothing yet' => [
            'pair-sleeve',
            [
                'fastener.axle_nut.torque' => ['nm' => 80],
                'fastener.axle_nut.source' => 'manual',
                'fastener.axle_nut.adapter' => ['mm' => 60],
            ],
            'set.axle_nut',
            'torque.set',
            Level::Go,
        ];
        yield 'none found, the thread as a bound' => [
            'pair-sleeve',
            [
                'fastener.axle_nut.source' => 'none',
                'fastener.axle_nut.thread' => ['text' => 'M16 × 1.5'],
                'fastener.axle_nut.grade' => '8.8',
            ],
            'set.axle_nut',
            'torque.bound',
            Level::Go,
        ];
        yield 'none found, and the brake hangs on it' => [
            'pair-sleeve',
            ['fastener.caliper_bolts.source' => 'none'],
            'set.caliper_bolts',
            'torque.guards',
            Level::Care,
        ];
        yield 'none found at a steering joint' => [
            'knuckle-wide',
            ['fastener.joints.source' => 'none'],
            'set.joints',
            'torque.guards',
            Level::Care,
        ];
        yield 'known, and no wrench for it' => [
            'pair-sleeve',
            [
                'fastener.axle_nut.torque' => ['nm' => 80],
                'fastener.axle_nut.source' => 'manual',
                'fastener.axle_nut.wrench' => 'none',
            ],
            'set.axle_nut',
            'torque.no_wrench',
            Level::Care,
        ];
        yield 'clamped and free' => ['spindle', ['set.turns' => 'free'], 'set.clamped', 'clamped.free', Level::Go];
        yield 'set and free' => ['cup-cone', ['set.turns' => 'free'], 'set.in_place', 'in_place.free', Level::Go];
        yield 'set too tight' => ['taper-pair', ['set.turns' => 'drags'], 'set.in_place', 'in_place.drags', Level::Stop];
        yield 'a clip used again' => [
            'flanged-wheel',
            ['set.turns' => 'free', 'set.pins' => 'old'],
            'set.in_place',
            'pins.old',
            Level::Stop,
        ];
        yield 'a cartridge for seats of cups' => [
            'cup-cone-conversion',
            ['size.cup_seat_left' => ['mm' => 32.0], 'size.cup_seat_right' => ['mm' => 32.0]],
            'size.conversion',
            'convert.as_is',
            Level::Go,
        ];
        yield 'one seat alone' => ['cup-cone-conversion', ['size.cup_seat_left' => ['mm' => 32.0]], 'size.conversion', null, null];
    }

    /** @param  array<string, array<string, mixed>|string>  $entries */
    #[DataProvider('judgements')]
    public function test_what_is_judged_of_the_answers(string $pattern, array $entries, string $step, ?string $key, ?Level $level): void
    {
        $verdict = self::step(self::report($pattern, $entries), $step)->verdicts[0] ?? null;
        self::assertSame([$key, $level], [$verdict?->headline->key, $verdict?->level]);
    }
}
