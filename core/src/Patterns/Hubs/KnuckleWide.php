<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns\Hubs;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\SnapRings;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Hub\StackEdits;
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

/** One wide double-row bearing in a knuckle, held by a snap ring, seals both sides; the hub or drive shaft turns inside. */
final readonly class KnuckleWide implements Pattern
{
    public function id(): string
    {
        return 'knuckle-wide';
    }

    public function card(): PatternCard
    {
        return new PatternCard(
            'One wide bearing in a knuckle',
            'Quad and side-by-side wheels',
            Turning::InnerRing,
            'the outer ring in the knuckle; the inner slides on and is clamped, or is pressed',
            MachineKind::Quad,
            'Outer',
            'Inner',
            cautions: ['The bearing leaves on the side of its snap ring only, after the ring.'],
            grips: [RingSeat::Bore, RingSeat::Shaft],
            called: 'Front left',
            body: 'knuckle',
            shaft: 'shaft',
            outer: SeatMeant::StandsStill,
            inner: SeatMeant::Clamped,
        );
    }

    public function stack(Notebook $notebook): Stack
    {
        return $this->parts($this->firstSide($notebook));
    }

    /** @param  Side  $from the side that the bearing goes in from: its ledge lies at the other end */
    private function parts(Side $from): Stack
    {
        return Stack::of(
            Part::of(
                PartKind::Axle,
                Side::Middle,
                'Drive shaft end',
                ['diameter' => 30, 'length' => 148, 'shoulder_diameter' => 38, 'thread_length' => 18, 'end_diameter' => 24],
                form: 'shoulder_right',
            ),
            Part::of(
                PartKind::Housing,
                Side::Middle,
                'Knuckle',
                ['outside' => 92, 'length' => 56, 'ledge_'.$from->value => 46],
                form: 'knuckle',
            ),
            Part::of(PartKind::CastleNut, Side::Left, 'Axle nut with pin', ['bore' => 24, 'outside' => 38, 'length' => 18]),
            Part::of(PartKind::Washer, Side::Left, 'Washer', ['bore' => 24, 'outside' => 40, 'length' => 4]),
            Part::of(PartKind::HubFlange, Side::Left, 'Wheel hub', ['bore' => 30, 'outside' => 118, 'length' => 34]),
            Part::of(PartKind::Seal, Side::Left, 'Outer seal', ['bore' => 40, 'outside' => 58, 'width' => 7]),
            Part::of(PartKind::DoubleRow, $from, 'Wheel bearing', ['bore' => 30, 'outside' => 60, 'width' => 37], id: 'bearing'),
            Part::of(PartKind::SnapRing, Side::Right, 'Snap ring', ['outside' => 60, 'width' => 2]),
            Part::of(PartKind::Seal, Side::Right, 'Inner seal', ['bore' => 40, 'outside' => 60, 'width' => 6]),
        );
    }

    public function capture(): array
    {
        return [
            Captures::depth('seal_left', 'Outer seal below the face', 'seal_depth'),
            Captures::depth('seal_right', 'Inner seal below the face', 'seal_depth'),
            Captures::depth('ring_right', 'Snap ring below the face on its side', 'ring_depth'),
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
            Move::off('hub_flange_left', [
                'title' => 'Pull the wheel hub',
                'detail' => 'Off its splines; the inner ring may come with it.',
                'tool' => 'Hub puller or slide hammer on two opposite studs',
            ]),
            Move::say(
                Move::JOINTS,
                [
                    'title' => 'Knuckle off its joints',
                    'detail' => 'Nut left on the stud flush while the eye is struck or the fork is used. Lay the knuckle on the bench.',
                    'tool' => 'Joint fork or hammer on the eye',
                    'caution' => 'Steering joints: refitted, pinned and checked at the end, by the manual. Springs and shocks '
                        .'unbolted under load jump.',
                    'why' => 'The bearing is pressed out on a bench, square, not on the machine.',
                ],
                15,
            ),
            Move::axle(['title' => 'Drive shaft out', 'detail' => 'Pushed back through the knuckle; its joint not stretched.']),
            Move::seals(),
            Move::rings(),
            Move::bearing('bearing', $first),
            Move::look(),
        ];
    }

    /** The side of its snap ring: there the bearing goes in, and there it leaves. */
    public function firstSide(Notebook $notebook): Side
    {
        $stack = StackEdits::from($notebook->value(Places::HUB))->onto($this->parts(Side::Right));

        return SnapRings::only($stack) ?? Side::Right;
    }

    public function firstSideReason(Notebook $notebook): string
    {
        return $this->firstSide($notebook) === Side::Right
            ? 'It goes in from the inside and stands on the outer shoulder; its snap ring closes it in.'
            : 'It goes in from the outside and stands on the inner shoulder; its snap ring closes it in.';
    }

    public function assembly(Side $first): array
    {
        return [
            Put::in('bearing', [
                'support' => 'On the knuckle close to the bore, never on its arms or a steering joint.',
                'why' => 'Wide and pressed hard: draw or press it, with the outer ring pushed. A hammer cocks it. What pulled the old '
                    .'one goes in the other way round: plate on the outer ring, cup on the far side.',
            ]),
            ...Put::each('snap_ring_right', 'seal_left', 'seal_right', 'axle', 'hub_flange_left', 'washer_left', 'castle_nut_left'),
        ];
    }

    public function fasteners(): array
    {
        return [
            new Fastener('axle_nut', 'Axle nut', 'castle_nut_left', onGround: true),
            new Fastener('joints', 'Steering joints', guards: true),
            new Fastener('caliper_bolts', 'Caliper bolts', guards: true),
            new Fastener('wheel_nuts', 'Wheel nuts', several: true, onGround: true),
        ];
    }
}
