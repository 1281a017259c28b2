<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns\Hubs;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Captures;
use CleanRace\Core\Patterns\Fastener;
use CleanRace\Core\Patterns\MachineKind;
use CleanRace\Core\Patterns\Move;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Patterns\PatternCard;
use CleanRace\Core\Patterns\Put;
use CleanRace\Core\Patterns\Turning;

/** Two cartridges and a sleeve in a knuckle, with unlike seals inside and outside. */
final readonly class KnucklePair implements Pattern
{
    public function id(): string
    {
        return 'knuckle-pair';
    }

    public function card(): PatternCard
    {
        return new PatternCard(
            'Two cartridges and a spacer tube in a knuckle',
            'Side-by-side fronts',
            Turning::InnerRing,
            'the outer rings in the knuckle',
            MachineKind::Quad,
            'Outer',
            'Inner',
            pair: true,
            cautions: ['Inner and outer seal are not alike: keep each with its side.'],
            called: 'Front left',
            body: 'knuckle',
            shaft: 'shaft',
            outer: SeatMeant::StandsStill,
            inner: SeatMeant::Clamped,
        );
    }

    public function stack(Notebook $notebook): Stack
    {
        $bearing = ['bore' => 25, 'outside' => 52, 'width' => 15];

        return Stack::of(
            Part::of(
                PartKind::Axle,
                Side::Middle,
                'Stub shaft',
                ['diameter' => 25, 'length' => 132, 'shoulder_diameter' => 33, 'thread_length' => 16, 'end_diameter' => 20],
                form: 'shoulder_right',
            ),
            Part::of(
                PartKind::Housing,
                Side::Middle,
                'Knuckle',
                ['outside' => 84, 'length' => 60, 'ledge_left' => 22, 'ledge_right' => 22],
                form: 'knuckle',
            ),
            Part::of(PartKind::CastleNut, Side::Left, 'Axle nut with pin', ['bore' => 20, 'outside' => 34, 'length' => 16]),
            Part::of(PartKind::Washer, Side::Left, 'Washer', ['bore' => 20, 'outside' => 36, 'length' => 3]),
            Part::of(PartKind::HubFlange, Side::Left, 'Wheel hub', ['bore' => 25, 'outside' => 104, 'length' => 28]),
            Part::of(PartKind::Seal, Side::Left, 'Outer seal', ['bore' => 36, 'outside' => 52, 'width' => 7]),
            Part::of(PartKind::Bearing, Side::Left, 'Outer bearing', $bearing),
            Part::of(PartKind::Sleeve, Side::Middle, 'Spacer tube', ['bore' => 25.3, 'outside' => 32, 'length' => 16]),
            Part::of(PartKind::Bearing, Side::Right, 'Inner bearing', $bearing),
            Part::of(PartKind::Seal, Side::Right, 'Inner seal', ['bore' => 34, 'outside' => 52, 'width' => 7]),
        );
    }

    public function capture(): array
    {
        return [
            Captures::depth('seal_left', 'Outer seal below the face', 'seal_depth'),
            Captures::depth('seal_right', 'Inner seal below the face', 'seal_depth'),
            Captures::depth('ring_left', 'Outer bearing below the face', 'ring_depth'),
            Captures::depth('ring_right', 'Inner bearing below the face', 'ring_depth'),
            Captures::length('sensor_gap', 'Speed sensor gap', 'gap', 'when there is one'),
        ];
    }

    public function moves(Stack $stack, Side $first): array
    {
        return [
            Move::safe(
                'Wheel nuts and axle nut cracked while it stands on the ground. Then on axle stands, blocks at the other wheels. '
                    .'Caliper hung, never by its hose; speed sensor out first.',
            ),
            Move::off(
                ['castle_nut_left', 'washer_left'],
                ['title' => 'Axle nut and washer off', 'detail' => 'Pin cut, ends brushed and soaked before the nut is turned.'],
            ),
            Move::off('hub_flange_left', ['title' => 'Pull the wheel hub', 'detail' => 'Off its splines, straight.']),
            Move::say(
                Move::JOINTS,
                [
                    'title' => 'Knuckle off its joints, or work on the machine',
                    'detail' => 'On the bench it is squarer. Nut left on the stud flush while the eye is struck.',
                    'tool' => 'Joint fork or hammer on the eye',
                    'caution' => 'Steering joints: refitted, pinned and checked at the end, by the manual.',
                ],
                15,
            ),
            Move::axle(['title' => 'Stub shaft out', 'detail' => 'Pushed back through; its joint not stretched.']),
            Move::seals(),
            Move::rings(),
            Move::bearing('bearing_left', Side::Left),
            Move::sleeve(),
            Move::bearing('bearing_right', Side::Right),
            Move::look(),
        ];
    }

    public function firstSide(Notebook $notebook): Side
    {
        return Side::Right;
    }

    public function firstSideReason(Notebook $notebook): string
    {
        return 'The inner side stands on its shoulder against the drive shaft.';
    }

    public function assembly(Side $first): array
    {
        $support = ['support' => 'On the knuckle close to the bore, never on its arms or a steering joint.'];

        return [
            Put::in('bearing_right', $support)->asDeepAs(Places::RING_RIGHT),
            Put::in('sleeve'),
            Put::in('bearing_left', $support)->asDeepAs(Places::RING_LEFT),
            Put::in('seal_right', [
                'detail' => 'The two are unlike: the inner one has the long lip, that rides on the shaft. A long lip by hand only; lips '
                    .'greased, springs inward, flush or as deep as they were.',
                'tool' => 'Thumbs, a flat block',
            ]),
            ...Put::each('seal_left', 'axle', 'hub_flange_left', 'washer_left', 'castle_nut_left'),
        ];
    }

    public function fasteners(): array
    {
        return [
            new Fastener('axle_nut', 'Axle nut', 'castle_nut_left', onGround: true),
            new Fastener('joints', 'Steering joints', guards: true),
            new Fastener('wheel_nuts', 'Wheel nuts', several: true, onGround: true),
        ];
    }
}
