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
use CleanRace\Core\Patterns\HubSetting;
use CleanRace\Core\Patterns\MachineKind;
use CleanRace\Core\Patterns\Move;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Patterns\PatternCard;
use CleanRace\Core\Patterns\Put;
use CleanRace\Core\Patterns\Turning;

/** Two flanged cartridges or bushes in a wheel on a plain axle, washers and a retaining pin or ring, a nipple between. */
final readonly class FlangedWheel implements Pattern
{
    public function id(): string
    {
        return 'flanged-wheel';
    }

    public function card(): PatternCard
    {
        return new PatternCard(
            'Flanged bearings on a plain axle',
            'Garden tractors, mowers, barrows, wagons',
            Turning::Hub,
            'the outer rings in the wheel, lightly',
            MachineKind::Mower,
            'Outer',
            'Inner',
            cautions: ['The flange is the stop: nothing is driven past it.'],
            use: HubUse::SlowWheel,
            sets: [HubSetting::Float],
            called: 'Front left',
            body: 'wheel',
            outer: SeatMeant::PressedSlow,
        );
    }

    public function stack(Notebook $notebook): Stack
    {
        $bearing = ['bore' => 19.05, 'outside' => 34.925, 'width' => 11.1125, 'flange_outside' => 39, 'flange_width' => 1.6];

        return Stack::of(
            Part::of(
                PartKind::Axle,
                Side::Middle,
                'Axle',
                ['diameter' => 19.05, 'length' => 132, 'shoulder_diameter' => 28],
                form: 'shoulder_right',
            ),
            Part::of(
                PartKind::Housing,
                Side::Middle,
                'Wheel hub',
                ['outside' => 58, 'length' => 78, 'ledge_left' => 12.7, 'ledge_right' => 12.7],
                form: 'web',
            ),
            Part::of(PartKind::Clip, Side::Left, 'Retaining ring', ['bore' => 19.05, 'outside' => 26, 'width' => 1.3]),
            Part::of(PartKind::Washer, Side::Left, 'Outer washer', ['bore' => 19.05, 'outside' => 36, 'length' => 2.5]),
            Part::of(PartKind::FlangedBearing, Side::Left, 'Outer bearing', $bearing),
            Part::of(PartKind::Nipple, Side::Middle, 'Grease nipple', ['length' => 10]),
            Part::of(PartKind::FlangedBearing, Side::Right, 'Inner bearing', $bearing),
            Part::of(PartKind::Washer, Side::Right, 'Inner washer', ['bore' => 19.05, 'outside' => 36, 'length' => 2.5]),
        );
    }

    public function capture(): array
    {
        return [
            Captures::depth('end_play', 'End float', 'end_play', 'in and out by hand'),
            Captures::text('washers', 'Washers each side, in order', 'how many, how thick'),
            Captures::text('way', 'Which face of the wheel is outside', 'mark it'),
        ];
    }

    public function moves(Stack $stack, Side $first): array
    {
        return [
            Move::safe('On stands, wheels blocked, spark lead off. Tyre let down when the bead is near heat.'),
            Move::off(
                ['clip_left', 'washer_left'],
                ['title' => 'Cap, ring or pin, washer', 'detail' => 'Washers keep their side and number.'],
            ),
            Move::axle([
                'title' => 'Wheel off its axle',
                'detail' => 'Straight off; worked round when rust holds it. The axle stays on the machine: leave it in place.',
                'tool' => 'Hands; penetrant and warmth when stuck',
                'find' => 'A step or rust where the bearings ran.',
            ])->leaving('axle'),
            Move::off('washer_right'),
            Move::bearing('flanged_bearing_left', Side::Left, [
                'detail' => 'From inside, behind the flange side: out towards its own flange.',
            ]),
            Move::bearing('flanged_bearing_right', Side::Right, ['detail' => 'From the other side, out towards its own flange.']),
            Move::look(),
        ];
    }

    public function firstSide(Notebook $notebook): Side
    {
        return Side::Right;
    }

    public function firstSideReason(Notebook $notebook): string
    {
        return 'Either side: each stands on its own flange.';
    }

    public function assembly(Side $first): array
    {
        $stop = [
            'detail' => 'By hand if it goes; else light taps on the flange, all round. A sealed one is opened, packed and closed first.',
            'support' => 'The wheel flat on wood, the hole clear.',
            'home' => 'Its flange lies on the face all round: the flange is the stop.',
        ];

        return [
            Put::in('flanged_bearing_right', $stop),
            Put::in('flanged_bearing_left', $stop),
            ...Put::each('nipple', 'washer_right', 'axle', 'washer_left', 'clip_left'),
        ];
    }

    public function fasteners(): array
    {
        return [new Fastener('retaining', 'Retaining ring, pin or bolt', 'clip_left', orPlain: true)];
    }
}
