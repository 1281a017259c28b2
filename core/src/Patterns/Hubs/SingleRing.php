<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns\Hubs;

use CleanRace\Core\Hub\HubUse;
use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Captures;
use CleanRace\Core\Patterns\Fastener;
use CleanRace\Core\Patterns\HubRole;
use CleanRace\Core\Patterns\MachineKind;
use CleanRace\Core\Patterns\Move;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Patterns\PatternCard;
use CleanRace\Core\Patterns\Put;
use CleanRace\Core\Patterns\Turning;

/** One cartridge in a plastic or alloy wheel, held by an internal snap ring. */
final readonly class SingleRing implements Pattern
{
    public function id(): string
    {
        return 'single-ring';
    }

    public function card(): PatternCard
    {
        return new PatternCard(
            'One cartridge and a snap ring',
            'Snow-machine idlers, track and chain idlers',
            Turning::Hub,
            'the outer ring in the wheel',
            MachineKind::Loose,
            'Outer',
            'Inner',
            cautions: ['A bottoming face cracks under a press: feel it come, and stop.'],
            use: HubUse::SlowWheel,
            role: HubRole::Idler,
            called: 'Idler',
            body: 'wheel',
            shaft: 'bolt',
            outer: SeatMeant::PressedSlow,
        );
    }

    public function stack(Notebook $notebook): Stack
    {
        return Stack::of(
            Part::of(PartKind::Axle, Side::Middle, 'Bolt', ['diameter' => 20, 'length' => 62, 'thread_length' => 16]),
            Part::of(
                PartKind::Housing,
                Side::Middle,
                'Idler wheel',
                ['outside' => 132, 'length' => 28, 'ledge_left' => 21],
                form: 'web',
            ),
            Part::of(PartKind::Washer, Side::Left, 'Outer washer', ['bore' => 20, 'outside' => 36, 'length' => 3]),
            Part::of(PartKind::SnapRing, Side::Left, 'Snap ring', ['outside' => 47, 'width' => 1.75]),
            Part::of(PartKind::Bearing, Side::Left, 'Bearing', ['bore' => 20, 'outside' => 47, 'width' => 14], id: 'bearing'),
            Part::of(PartKind::Spacer, Side::Right, 'Inner spacer', ['bore' => 20, 'outside' => 28, 'length' => 14]),
        );
    }

    public function capture(): array
    {
        return [
            Captures::depth('ring_left', 'Snap ring below the face', 'ring_depth'),
            Captures::length('spacer_right', 'Inner spacer, length', 'spacer'),
            Captures::text('way', 'Which face of the wheel is outside', 'mark it'),
        ];
    }

    public function moves(Stack $stack, Side $first): array
    {
        return [
            Move::safe('Track or chain slack, machine on its stand, engine off and cold.'),
            Move::axle(['title' => 'Bolt out, wheel off', 'detail' => 'Spacers keep their side.']),
            Move::off(['washer_left', 'spacer_right']),
            Move::rings(),
            Move::bearing('bearing', Side::Left, [
                'detail' => 'It comes out on the ring side only. Support the wheel close round the bore, on its thick part.',
            ]),
            Move::look(),
        ];
    }

    public function firstSide(Notebook $notebook): Side
    {
        return Side::Left;
    }

    public function firstSideReason(Notebook $notebook): string
    {
        return 'It goes in from the ring side and stands on its shoulder.';
    }

    public function assembly(Side $first): array
    {
        return [
            Put::in('bearing', [
                'support' => 'The wheel flat on wood, the shoulder side down, nothing under its rim.',
                'caution' => 'A plastic shoulder cracks under a press: by hand force, and feel it come home.',
                'home' => 'Felt, not forced: the handle stiffens, the note changes.',
            ]),
            ...Put::each('snap_ring_left', 'washer_left', 'spacer_right', 'axle'),
        ];
    }

    public function fasteners(): array
    {
        return [new Fastener('wheel_bolt', 'Wheel bolt', 'axle')];
    }
}
