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
use CleanRace\Core\Patterns\HubRole;
use CleanRace\Core\Patterns\MachineKind;
use CleanRace\Core\Patterns\Move;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Patterns\PatternCard;
use CleanRace\Core\Patterns\Put;
use CleanRace\Core\Patterns\Turning;

/** The small cartridges inside a freehub body: a second bearing set in the same wheel, with its own job. */
final readonly class FreehubBody implements Pattern
{
    public function id(): string
    {
        return 'freehub-body';
    }

    public function card(): PatternCard
    {
        return new PatternCard(
            'Cartridges inside a freehub body',
            'Bicycle freehubs',
            Turning::Hub,
            'the outer rings in the body',
            MachineKind::Bicycle,
            'Pawl side',
            'Sprocket side',
            cautions: ['Springs and pawls jump out: work over a tray.'],
            role: HubRole::Freehub,
            called: 'Freehub',
            body: 'body',
            outer: SeatMeant::PressedSlow,
        );
    }

    public function stack(Notebook $notebook): Stack
    {
        $bearing = ['bore' => 15, 'outside' => 28, 'width' => 7];

        return Stack::of(
            Part::of(PartKind::Axle, Side::Middle, 'Axle', ['diameter' => 15, 'length' => 78]),
            Part::of(
                PartKind::Housing,
                Side::Middle,
                'Freehub body',
                ['outside' => 34, 'length' => 46, 'ledge_left' => 9, 'ledge_right' => 9],
                form: 'spline',
            ),
            Part::of(PartKind::Seal, Side::Left, 'Pawl-side seal', ['bore' => 19, 'outside' => 28, 'width' => 1.5]),
            Part::of(PartKind::Bearing, Side::Left, 'Pawl-side bearing', $bearing),
            Part::of(PartKind::Sleeve, Side::Middle, 'Spacer tube', ['bore' => 15.2, 'outside' => 18.5, 'length' => 28]),
            Part::of(PartKind::Bearing, Side::Right, 'Sprocket-side bearing', $bearing),
            Part::of(PartKind::SnapRing, Side::Right, 'Snap ring', ['outside' => 28, 'width' => 1.2]),
        );
    }

    public function capture(): array
    {
        return [
            Captures::depth('ring_left', 'Pawl-side bearing below the body', 'ring_depth'),
            Captures::depth('ring_right', 'Sprocket-side bearing below the body', 'ring_depth'),
            Captures::length('over_faces', 'Length of the body', 'over_all'),
            Captures::text('pawls', 'How pawls and springs lie', 'photograph them'),
        ];
    }

    public function moves(Stack $stack, Side $first): array
    {
        return [
            Move::safe(
                'Wheel out, cassette off with its lock-ring tool and a chain whip. Body on a rag with a rim: small springs roll.',
            ),
            Move::axle([
                'title' => 'Pull the body off the axle',
                'detail' => 'End cap off, then straight out while turning it backward. Catch pawls and springs, and note how they lay.',
                'tool' => 'Hands',
            ]),
            Move::seals(),
            Move::rings(),
            Move::bearing('bearing_right', Side::Right),
            Move::sleeve(),
            Move::bearing('bearing_left', Side::Left),
            Move::look(),
        ];
    }

    public function firstSide(Notebook $notebook): Side
    {
        return Side::Left;
    }

    public function firstSideReason(Notebook $notebook): string
    {
        return 'The pawl side stands on its shoulder and holds the body to the hub.';
    }

    public function assembly(Side $first): array
    {
        return [
            Put::in('bearing_left')->asDeepAs(Places::RING_LEFT),
            Put::in('sleeve'),
            Put::in('bearing_right')->asDeepAs(Places::RING_RIGHT),
            Put::in('snap_ring_right'),
            Put::in('seal_left', [
                'detail' => 'Pressed in by thumb, level. Pawls, springs and ratchet by their way round; their grease thin, and only '
                    .'the right one.',
                'why' => 'Too much or too thick glues the pawls: then it slips forward, or drags the cranks round.',
            ]),
            ...Put::each('axle'),
        ];
    }

    public function fasteners(): array
    {
        return [new Fastener('cassette', 'Cassette lock ring'), new Fastener('end_cap', 'End cap')];
    }
}
