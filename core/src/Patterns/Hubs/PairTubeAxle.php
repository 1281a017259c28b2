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
use CleanRace\Core\Patterns\Put;
use CleanRace\Core\Patterns\Turning;

/** Two cartridges and a sleeve; axle and freehub pull out as one, a threaded cap closes the other end. */
final readonly class PairTubeAxle implements Pattern
{
    public function id(): string
    {
        return 'pair-tube-axle';
    }

    public function card(): PatternCard
    {
        return new PatternCard(
            'Two cartridges, axle and freehub as one',
            'Bicycle disc wheels, cargo trikes',
            Turning::Hub,
            'the outer rings in the hub shell',
            MachineKind::Bicycle,
            'Cap side',
            'Sprocket side',
            pair: true,
            cautions: ['Disc clean: no grease or spray near rotor and pads.'],
            outer: SeatMeant::PressedSlow,
            front: FrontWheel::PLAIN + [
                'Two cartridges, axle and freehub as one' => 'Two cartridges on a tube axle',
                'Pull axle and freehub out as one' => 'Pull the axle out',
                'Over cap and freehub end' => 'Over cap and axle end',
                'Hold the axle from the freehub side' => 'Hold the axle from its other end',
                '; turn backward to free the pawls' => '',
            ],
        );
    }

    public function stack(Notebook $notebook): Stack
    {
        $bearing = ['bore' => 17, 'outside' => 30, 'width' => 7];

        return Stack::of(
            Part::of(PartKind::Axle, Side::Middle, 'Tube axle', [
                'diameter' => 17,
                'length' => 142,
                'thread_length' => 9,
                'end_diameter' => 12,
            ]),
            Part::of(
                PartKind::Housing,
                Side::Middle,
                'Hub shell',
                ['outside' => 62, 'length' => 78, 'ledge_left' => 14, 'ledge_right' => 12],
                form: 'flanges',
            ),
            Part::of(PartKind::EndCap, Side::Left, 'Threaded cap', ['bore' => 12, 'outside' => 24, 'length' => 12]),
            Part::of(PartKind::Washer, Side::Left, 'Cap washer', ['bore' => 17, 'outside' => 23, 'length' => 1.5]),
            Part::of(PartKind::Bearing, Side::Left, 'Cap-side bearing', $bearing),
            Part::of(PartKind::Sleeve, Side::Middle, 'Spacer tube', ['bore' => 17.2, 'outside' => 21, 'length' => 52]),
            Part::of(PartKind::Bearing, Side::Right, 'Sprocket-side bearing', $bearing),
            Part::of(PartKind::Freehub, Side::Right, 'Freehub body', ['bore' => 17, 'outside' => 35, 'length' => 38]),
        );
    }

    public function capture(): array
    {
        return [
            Captures::length('over_caps', 'Over cap and freehub end', 'over_all'),
            Captures::depth('ring_left', 'Cap-side bearing below the shell', 'ring_depth'),
            Captures::depth('ring_right', 'Sprocket-side bearing below the shell', 'ring_depth'),
            Captures::length('chain_line', 'Chain line', 'chain_line', 'frame centre to the middle sprocket'),
            Captures::rotation('Rotor arrow points'),
        ];
    }

    public function moves(Stack $stack, Side $first): array
    {
        return [
            Move::safe('Wheel out. Brake lever not pulled while the disc is out; a spacer between the pads.'),
            Move::off(
                ['end_cap_left', 'washer_left'],
                [
                    'title' => 'Unscrew the cap',
                    'detail' => 'Hold the axle from the freehub side: two cap spanners at once, one against the other. Note the '
                        .'thread: some caps are left-hand.',
                    'tool' => 'Two cap spanners',
                    'needs' => 'cap_spanner',
                ],
            ),
            Move::axle([
                'title' => 'Pull axle and freehub out as one',
                'detail' => 'Straight out to the sprocket side; turn backward to free the pawls.',
                'tool' => 'Hands, soft mallet on the axle end',
            ]),
            Move::off('freehub_right', [
                'title' => 'Lay the freehub with its axle',
                'detail' => 'It may stay on the axle; its own bearings are a job of their own.',
            ]),
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
        return 'The sprocket side locates: freehub and chain line are measured from it.';
    }

    public function assembly(Side $first): array
    {
        return [
            Put::in('bearing_right')->asDeepAs(Places::RING_RIGHT),
            Put::in('sleeve'),
            Put::in('bearing_left')->asDeepAs(Places::RING_LEFT),
            Put::in('freehub_right', [
                'detail' => 'Turned backward while it goes on. Pawls, springs and ratchet by their way round; their grease thin, and '
                    .'only the right one.',
                'why' => 'Too much or too thick glues the pawls: then it slips forward, or drags the cranks round.',
            ]),
            ...Put::each('axle', 'washer_left', 'end_cap_left'),
        ];
    }

    public function fasteners(): array
    {
        return [
            new Fastener('cap', 'Threaded cap', 'end_cap_left'),
            new Fastener('through_axle', 'Through axle', 'axle'),
            new Fastener('rotor', 'Rotor bolts or lock ring'),
        ];
    }
}
