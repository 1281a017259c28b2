<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns\Hubs;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Captures;
use CleanRace\Core\Patterns\Fastener;
use CleanRace\Core\Patterns\FrontWheel;
use CleanRace\Core\Patterns\HubSetting;
use CleanRace\Core\Patterns\MachineKind;
use CleanRace\Core\Patterns\Move;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Patterns\PatternCard;
use CleanRace\Core\Patterns\Put;
use CleanRace\Core\Patterns\Turning;

/** Loose balls between a pressed cup and a threaded cone, locked by a lock nut, with unequal spacers on the sprocket side. */
final readonly class CupCone implements Pattern
{
    public function id(): string
    {
        return 'cup-cone';
    }

    public function card(): PatternCard
    {
        return new PatternCard(
            'Cup and cone',
            'Bicycle, moped and barrow hubs',
            Turning::Hub,
            'the cups in the shell',
            MachineKind::Bicycle,
            'Plain side',
            'Sprocket side',
            cautions: ['Balls roll: open it over a tray with a rim.'],
            sets: [HubSetting::AxleEnds, HubSetting::Cones, HubSetting::Centre],
            outer: SeatMeant::PressedSlow,
            front: FrontWheel::LEFT_RIGHT,
        );
    }

    public function stack(Notebook $notebook): Stack
    {
        $cone = ['bore' => 10, 'outside' => 16.5, 'length' => 14];
        $cap = ['outside' => 32, 'width' => 2.5, 'bore' => 17.5];
        $balls = ['ball' => 6.35, 'circle' => 21];
        $cup = ['outside' => 31.5, 'width' => 8, 'bore' => 15];

        return Stack::of(
            Part::of(PartKind::Axle, Side::Middle, 'Axle', ['diameter' => 10, 'length' => 146, 'thread_length' => 48]),
            Part::of(
                PartKind::Housing,
                Side::Middle,
                'Hub shell',
                ['outside' => 56, 'length' => 68, 'ledge_left' => 9, 'ledge_right' => 9],
                form: 'flanges',
            ),
            Part::of(PartKind::LockNut, Side::Left, 'Plain-side lock nut', ['bore' => 10, 'outside' => 17, 'length' => 4]),
            Part::of(PartKind::Washer, Side::Left, 'Keyed washer', ['bore' => 10, 'outside' => 16, 'length' => 2]),
            Part::of(PartKind::Cone, Side::Left, 'Plain-side cone', $cone),
            Part::of(PartKind::DustCap, Side::Left, 'Plain-side dust cap', $cap),
            Part::of(PartKind::Balls, Side::Left, 'Plain-side balls', $balls),
            Part::of(PartKind::Cup, Side::Left, 'Plain-side cup', $cup),
            Part::of(PartKind::Cup, Side::Right, 'Sprocket-side cup', $cup),
            Part::of(PartKind::Balls, Side::Right, 'Sprocket-side balls', $balls),
            Part::of(PartKind::DustCap, Side::Right, 'Sprocket-side dust cap', $cap),
            Part::of(PartKind::Cone, Side::Right, 'Sprocket-side cone', $cone),
            Part::of(PartKind::Spacer, Side::Right, 'Sprocket-side spacer', ['bore' => 10, 'outside' => 15, 'length' => 26]),
            Part::of(PartKind::LockNut, Side::Right, 'Sprocket-side lock nut', ['bore' => 10, 'outside' => 17, 'length' => 4]),
        );
    }

    public function capture(): array
    {
        return [
            Captures::length('axle_left', 'Axle sticks out, plain side', 'axle_end', 'past the lock nut'),
            Captures::length('axle_right', 'Axle sticks out, sprocket side', 'axle_end', 'past the lock nut'),
            Captures::length('over_nuts', 'Over the lock nuts', 'over_all'),
            Captures::text('spacers_right', 'Spacers on the sprocket side, in order', 'from the cone outward'),
            Captures::depth('end_play', 'End play', 'end_play', 'along the axle, by dial or feel'),
            Captures::depth('rim_play', 'Rim play', 'rim_play', 'peak to peak at the rim'),
            Captures::text('ball_count', 'Balls a side, and caged or loose', 'count them as they come'),
        ];
    }

    public function moves(Stack $stack, Side $first): array
    {
        return [
            Move::safe(
                'Wheel out, skewer out with its springs kept on it in order. One side only comes apart: the other keeps the protrusion.',
            ),
            Move::off(
                ['lock_nut_left', 'washer_left', 'cone_left'],
                [
                    'title' => 'Plain side: lock nut, washer, cone',
                    'detail' => 'Hold the cone, loosen the lock nut. The sprocket side stays locked on its axle.',
                    'tool' => 'Cone spanner and spanner',
                    'needs' => 'spanner cone_spanner',
                    'find' => 'A dull, pitted track on the cone; it should be one bright even line.',
                ],
            ),
            Move::axle([
                'title' => 'Draw the axle out with the sprocket-side cone',
                'detail' => 'Wheel flat, over a tray: the balls fall out on both sides. Keep the sides apart.',
                'tool' => 'Tray with a rim',
            ]),
            Move::off(
                ['lock_nut_right', 'spacer_right', 'cone_right'],
                [
                    'title' => 'Sprocket side: only if it must be renewed',
                    'detail' => 'Measure the protrusion first. Otherwise lay the axle down with these on it.',
                ],
            )->leaving('lock_nut_right', 'spacer_right', 'cone_right'),
            Move::off(
                ['balls_left', 'balls_right'],
                [
                    'title' => 'Balls out, and counted',
                    'detail' => 'A magnet or a pick, one side at a time. Count each side; look into the shell for the last one.',
                    'tool' => 'Magnet, dish',
                    'find' => 'Grey, flat-spotted or unlike balls: all new then.',
                ],
            ),
            Move::off(
                ['dust_cap_left', 'dust_cap_right'],
                ['detail' => 'Only if it must: worked up a little all round with a wide blade, so that it stays flat.'],
            )->leaving('dust_cap_left', 'dust_cap_right'),
            Move::off(
                ['cup_left', 'cup_right'],
                [
                    'title' => 'Cups: look, and leave in if good',
                    'detail' => 'Driven out from behind only when pitted. If they stay, leave them in place.',
                    'tool' => 'Punch from behind, crossing the clock',
                    'find' => 'Pits and brown spots in the track; a cup that turns in the shell.',
                    'caution' => 'Eyes covered.',
                ],
            )->leaving('cup_left', 'cup_right'),
            Move::look(),
        ];
    }

    public function firstSide(Notebook $notebook): Side
    {
        return Side::Right;
    }

    public function firstSideReason(Notebook $notebook): string
    {
        return 'The sprocket side is fixed first: it keeps its spacers and the chain line; the plain side is easier to reach for setting.';
    }

    public function assembly(Side $first): array
    {
        return [
            Put::in('cup_right', [
                'detail' => 'Only when it is renewed. By hand to start, then tapped all round.',
                'tool' => 'The old cup ground down or slit, a disc on it',
                'home' => 'Seated on its shoulder all round: a feeler will not go under.',
            ]),
            Put::in('cup_left', [
                'detail' => 'Only when it is renewed. By hand to start, then tapped all round.',
                'tool' => 'The old cup ground down or slit, a disc on it',
                'home' => 'Seated on its shoulder all round: a feeler will not go under.',
            ]),
            ...Put::each(
                'balls_right',
                'dust_cap_right',
                'balls_left',
                'dust_cap_left',
                'cone_right',
                'spacer_right',
                'lock_nut_right',
                'axle',
                'cone_left',
                'washer_left',
                'lock_nut_left',
            ),
        ];
    }

    public function fasteners(): array
    {
        return [
            new Fastener('lock_nut_right', 'Sprocket-side lock nut', 'lock_nut_right'),
            new Fastener('lock_nut_left', 'Plain-side lock nut', 'lock_nut_left'),
            new Fastener('wheel_nuts', 'Wheel nuts or quick-release'),
        ];
    }
}
