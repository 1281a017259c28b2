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
use CleanRace\Core\Patterns\FrontWheel;
use CleanRace\Core\Patterns\MachineKind;
use CleanRace\Core\Patterns\Move;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Patterns\PatternCard;
use CleanRace\Core\Patterns\Push;
use CleanRace\Core\Patterns\Put;
use CleanRace\Core\Patterns\Turning;

/** Two cartridges whose inner rings stand on shoulders of a through axle, end caps outside, a freehub on one side. */
final readonly class PairAxleShoulder implements Pattern
{
    public function id(): string
    {
        return 'pair-axle-shoulder';
    }

    public function card(): PatternCard
    {
        return new PatternCard(
            'Two cartridges on the shoulders of an axle',
            'Many bicycle hubs',
            Turning::Hub,
            'the outer rings in the hub shell',
            MachineKind::Bicycle,
            'Disc side',
            'Sprocket side',
            cautions: [
                'Never steel on an alloy axle: a soft mallet and a wood block with a hole. The second bearing goes out with a socket '
                    .'rather than risk the axle.',
            ],
            outer: SeatMeant::PressedSlow,
            front: FrontWheel::PLAIN,
        );
    }

    public function stack(Notebook $notebook): Stack
    {
        $bearing = ['bore' => 15, 'outside' => 28, 'width' => 7];

        return Stack::of(
            Part::of(
                PartKind::Axle,
                Side::Middle,
                'Axle',
                ['diameter' => 15, 'length' => 146, 'shoulder_diameter' => 18.5, 'shoulder_length' => 58, 'end_diameter' => 12],
                form: 'shoulder_between',
            ),
            Part::of(
                PartKind::Housing,
                Side::Middle,
                'Hub shell',
                ['outside' => 58, 'length' => 72, 'ledge_left' => 7.5, 'ledge_right' => 7.5],
                form: 'flanges',
            ),
            Part::of(PartKind::EndCap, Side::Left, 'Disc-side end cap', ['bore' => 12, 'outside' => 19, 'length' => 16]),
            Part::of(PartKind::ORing, Side::Left, 'Disc-side O-ring', ['bore' => 15, 'section' => 1.5]),
            Part::of(PartKind::Bearing, Side::Left, 'Disc-side bearing', $bearing),
            Part::of(PartKind::Bearing, Side::Right, 'Sprocket-side bearing', $bearing),
            Part::of(PartKind::Freehub, Side::Right, 'Freehub body', ['bore' => 15, 'outside' => 34, 'length' => 36]),
            Part::of(PartKind::EndCap, Side::Right, 'Sprocket-side end cap', ['bore' => 12, 'outside' => 19, 'length' => 14]),
        );
    }

    public function capture(): array
    {
        return [
            Captures::length('over_caps', 'Over the end caps', 'over_all', 'the frame gap it must fill'),
            Captures::length('cap_left', 'Disc-side end cap, length', 'spacer'),
            Captures::length('cap_right', 'Sprocket-side end cap, length', 'spacer'),
            Captures::depth('ring_left', 'Disc-side bearing below the shell', 'ring_depth'),
            Captures::depth('ring_right', 'Sprocket-side bearing below the shell', 'ring_depth'),
            Captures::length('chain_line', 'Chain line', 'chain_line', 'frame centre to the middle sprocket'),
            Captures::rotation('Rotor arrow points'),
        ];
    }

    public function moves(Stack $stack, Side $first): array
    {
        return [
            Move::safe(
                'Wheel out, on the bench. Brake lever not pulled while the disc is out.',
            ),
            Move::off(
                ['end_cap_left', 'o_ring_left', 'end_cap_right'],
                [
                    'title' => 'Pull the end caps',
                    'detail' => 'Off an O-ring by hand, unscrewed, or freed by picking out a tiny snap ring: look which before pulling. '
                        .'Without a vice: an old skewer through it, or levered off its O-ring all round.',
                    'tool' => 'Soft jaws; pick',
                ],
            ),
            Move::off('freehub_right', [
                'detail' => 'Straight out, turning it backward; catch the pawls and springs.',
                'find' => 'Pawl springs whole, ratchet teeth sharp.',
            ]),
            Move::bearing('bearing_left', Side::Left, [
                'title' => 'Knock the axle out with the disc-side bearing',
                'detail' => 'Blows on the sprocket-side end of the axle: its shoulder pushes the bearing out. Wood block with a hole '
                    .'below; the wheel held up for the last of them.',
                'tool' => 'Soft mallet, wood block',
            ]),
            Move::axle(['title' => 'Axle out', 'detail' => 'It comes with the bearing. Look at its shoulders.']),
            Move::bearing('bearing_right', Side::Right, [
                'detail' => 'The axle turned end for end drives it, its shoulder on the inner ring; or a socket through the hub, which '
                    .'spares the axle.',
                'tool' => 'Axle and soft mallet, or a socket',
            ]),
            Move::look(),
        ];
    }

    public function firstSide(Notebook $notebook): Side
    {
        return Side::Right;
    }

    public function firstSideReason(Notebook $notebook): string
    {
        return 'The sprocket side locates: the chain line is measured from it.';
    }

    public function assembly(Side $first): array
    {
        return [
            Put::in(
                'bearing_right',
                [
                    'why' => 'While no axle is in, only the outer ring grips: the driver stands on it alone. With the axle in, on both.',
                    'home' => 'On its shoulder; the depth measured before, met again. It may differ from the other side.',
                ],
                Push::Both,
            )->asDeepAs(Places::RING_RIGHT),
            Put::in('axle', [
                'detail' => 'Its shoulder against the inner ring of the first bearing, by hand or light taps on wood.',
                'caution' => 'Never steel on the end of an alloy axle.',
            ]),
            Put::in(
                'bearing_left',
                [
                    'support' => 'Over two blocks, so that the axle end hangs free between them.',
                    'why' => 'The axle runs through it: both rings are pushed, so that no force crosses the balls.',
                    'home' => 'On both its shoulders, in the hub and on the axle; the depth measured before, met again.',
                ],
                Push::Both,
            )->asDeepAs(Places::RING_LEFT),
            Put::in('freehub_right', [
                'detail' => 'Turned backward while it goes on. Pawls, springs and ratchet by their way round; their grease thin, and '
                    .'only the right one.',
                'why' => 'Too much or too thick glues the pawls: then it slips forward, or drags the cranks round.',
            ]),
            ...Put::each('o_ring_left', 'end_cap_right', 'end_cap_left'),
        ];
    }

    public function fasteners(): array
    {
        return [
            new Fastener('through_axle', 'Through axle or quick-release', 'axle'),
            new Fastener('rotor', 'Rotor bolts or lock ring'),
            new Fastener('cassette', 'Cassette lock ring', 'freehub_right'),
        ];
    }
}
