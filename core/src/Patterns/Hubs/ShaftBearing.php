<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns\Hubs;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\RingSeat;
use CleanRace\Core\Hub\SeatMeant;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Patterns\Captures;
use CleanRace\Core\Patterns\Fastener;
use CleanRace\Core\Patterns\MachineKind;
use CleanRace\Core\Patterns\Move;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Patterns\PatternCard;
use CleanRace\Core\Patterns\Put;
use CleanRace\Core\Patterns\Turning;

/** One cartridge pressed on a shaft against a shoulder, kept by a collar, in an alloy housing that holds it lightly. */
final readonly class ShaftBearing implements Pattern
{
    public function id(): string
    {
        return 'shaft-bearing';
    }

    public function card(): PatternCard
    {
        return new PatternCard(
            'One bearing on a shaft',
            'Golf-cart rear axles',
            Turning::InnerRing,
            'the inner ring on the shaft',
            MachineKind::Cart,
            'Axle side',
            'Wheel side',
            cautions: [
                'Main switch off and controller discharged on an electric cart.',
                'It leaves the shaft one way only: away from its shoulder.',
            ],
            grips: [RingSeat::Shaft],
            called: 'Rear left',
            body: 'housing',
            shaft: 'shaft',
            outer: SeatMeant::StandsStill,
            inner: SeatMeant::PressedFast,
        );
    }

    public function stack(Notebook $notebook): Stack
    {
        return Stack::of(
            Part::of(
                PartKind::Axle,
                Side::Middle,
                'Axle shaft',
                ['diameter' => 30, 'length' => 190, 'shoulder_diameter' => 36, 'thread_length' => 18, 'end_diameter' => 20],
                form: 'shoulder_left',
            ),
            Part::of(
                PartKind::Housing,
                Side::Middle,
                'Axle tube end',
                ['outside' => 92, 'length' => 40, 'ledge_right' => 30],
                form: 'tube_end',
            ),
            Part::of(PartKind::Bearing, Side::Right, 'Axle bearing', ['bore' => 30, 'outside' => 62, 'width' => 16], id: 'bearing'),
            Part::of(PartKind::SnapRing, Side::Right, 'Snap ring', ['outside' => 62, 'width' => 2]),
            Part::of(PartKind::Collar, Side::Right, 'Retaining collar', ['bore' => 30, 'outside' => 43, 'length' => 12]),
            Part::of(PartKind::Seal, Side::Right, 'Seal', ['bore' => 43, 'outside' => 62, 'width' => 8]),
            Part::of(PartKind::HubFlange, Side::Right, 'Hub flange', ['bore' => 30, 'outside' => 120, 'length' => 36]),
            Part::of(PartKind::Washer, Side::Right, 'Washer', ['bore' => 20, 'outside' => 38, 'length' => 4]),
            Part::of(PartKind::CastleNut, Side::Right, 'Castle nut with pin', ['bore' => 20, 'outside' => 34, 'length' => 16]),
        );
    }

    public function capture(): array
    {
        return [
            Captures::depth('seal_right', 'Seal below the face', 'seal_depth'),
            Captures::depth('ring_right', 'Snap ring below the face', 'ring_depth'),
            Captures::text('slot', 'Which slot the pin was in', 'mark nut and shaft'),
            Captures::depth('end_play', 'End play of the shaft', 'end_play'),
        ];
    }

    public function moves(Stack $stack, Side $first): array
    {
        return [
            Move::safe(
                'Wheels blocked. Castle nut and wheel nuts cracked on the ground. Then on stands under the axle tube; brake drum off, '
                    .'the flange stays on.',
            ),
            // The flange stays on: the shaft is pulled by it.
            Move::seals()->past('castle_nut_right', 'washer_right', 'hub_flange_right'),
            Move::rings(),
            Move::axle([
                'title' => 'Pull the shaft with its bearing',
                'detail' => 'Slide hammer on the flange, which is still on: two opposite studs when easy, three when tight. The housing '
                    .'warm where it grips. It brings bearing and collar with it.',
                'tool' => 'Slide hammer with an axle plate',
                'caution' => 'Stand beside it, not behind: it lets go at once.',
                'find' => 'Oil on the shaft means the inner seal too.',
            ]),
            Move::off(
                ['castle_nut_right', 'washer_right', 'hub_flange_right'],
                [
                    'title' => 'On the bench: nut, washer, hub flange',
                    'detail' => 'Pin cut; the flange may need its puller.',
                    'tool' => 'Socket, hub puller',
                ],
            ),
            Move::off('collar_right', [
                'title' => 'Collar off the shaft',
                'detail' => 'A shallow cut with a chisel loosens it; the shaft under it is not touched.',
                'tool' => 'Chisel, or press',
                'caution' => 'Eyes covered: it is hard and may chip.',
            ]),
            Move::bearing('bearing', Side::Right, [
                'title' => 'Press the bearing off the shaft',
                'detail' => 'Support under the inner ring, not under the flange of the shaft. It leaves away from its shoulder.',
                'tool' => 'Press and split plate',
                'why' => 'Stood on its flange, the shaft bends under the press.',
                'caution' => 'Eyes covered. Stand aside of the press.',
                'find' => 'A ring that turned on its shaft: bright inside.',
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
        return 'One bearing: it goes on the shaft against its shoulder, by its inner ring.';
    }

    public function assembly(Side $first): array
    {
        return [
            Put::in('bearing', [
                'detail' => 'On the shaft by its inner ring, straight down to the shoulder.',
                'support' => 'The shaft upright on its own end, on soft metal or wood; not on its flange.',
                'home' => 'The gauge climbs at once at the shoulder: stop there.',
                'why' => 'The housing holds its outer ring lightly; the shaft carries the fit.',
            ]),
            Put::in('collar_right', [
                'detail' => 'Behind the bearing, before anything that hides it: collar and clip are forgotten once the '
                    .'flange is on.',
            ]),
            Put::in('axle', [
                'detail' => 'With its bearing into the housing: a light press, or light taps on its end, are right. Warm the housing where '
                    .'it grips. Then the clip and the seal, before the flange hides them.',
                'tool' => 'Soft mallet',
            ]),
            ...Put::each('snap_ring_right', 'seal_right', 'hub_flange_right', 'washer_right', 'castle_nut_right'),
        ];
    }

    public function fasteners(): array
    {
        return [
            new Fastener('axle_nut', 'Castle nut', 'castle_nut_right', onGround: true),
            new Fastener('wheel_nuts', 'Wheel nuts', several: true, onGround: true),
        ];
    }
}
