<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns\Hubs;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
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

/**
 * Two taper roller bearings, small ends towards each other; cups pressed in the hub, cones that slip on the spindle, castle nut and pin.
 */
final readonly class TaperPair implements Pattern
{
    public function id(): string
    {
        return 'taper-pair';
    }

    public function card(): PatternCard
    {
        return new PatternCard(
            'Pair of tapers on a spindle',
            'Small tractors, trailers, golf carts',
            Turning::Hub,
            'the cups in the hub',
            MachineKind::Trailer,
            'Outer',
            'Inner',
            cautions: ['Cone and cup are a set: never mixed, kept by side.', 'The pin is used once.'],
            sets: [HubSetting::Tapers],
        );
    }

    public function stack(Notebook $notebook): Stack
    {
        $cone = ['bore' => 19.05, 'outside' => 37, 'width' => 16.637];
        $cup = ['outside' => 45.237, 'width' => 12.065, 'stand' => 15.494];

        return Stack::of(
            Part::of(
                PartKind::Axle,
                Side::Middle,
                'Spindle',
                ['diameter' => 19.05, 'length' => 150, 'shoulder_diameter' => 38, 'thread_length' => 20],
                form: 'shoulder_right',
            ),
            Part::of(
                PartKind::Housing,
                Side::Middle,
                'Wheel hub',
                ['outside' => 84, 'length' => 84, 'ledge_left' => 26, 'ledge_right' => 26],
                form: 'web',
            ),
            Part::of(PartKind::DustCap, Side::Left, 'Hub cap', ['outside' => 45.2, 'width' => 18]),
            Part::of(PartKind::CastleNut, Side::Left, 'Castle nut with pin', ['bore' => 19.05, 'outside' => 31, 'length' => 14]),
            Part::of(PartKind::Washer, Side::Left, 'Tongued washer', ['bore' => 19.05, 'outside' => 32, 'length' => 3]),
            Part::of(PartKind::TaperCone, Side::Left, 'Outer cone', $cone),
            Part::of(PartKind::TaperCup, Side::Left, 'Outer cup', $cup),
            Part::of(PartKind::TaperCup, Side::Right, 'Inner cup', $cup),
            Part::of(PartKind::TaperCone, Side::Right, 'Inner cone', $cone),
            Part::of(PartKind::Seal, Side::Right, 'Inner seal', ['bore' => 32, 'outside' => 45.2, 'width' => 7]),
        );
    }

    public function capture(): array
    {
        return [
            Captures::text('slot', 'Which slot the pin was in', 'mark nut and spindle'),
            Captures::depth('end_play', 'End play', 'end_play', 'dial on the hub face'),
            Captures::depth('seal_right', 'Seal below the inner face', 'seal_depth'),
            Captures::length('drop', 'Hub face to spindle end', 'gap'),
        ];
    }

    public function moves(Stack $stack, Side $first): array
    {
        return [
            Move::safe('Wheel nuts and hub cap cracked on the ground. Then on stands, the other wheels blocked.'),
            Move::off('dust_cap_left', [
                'title' => 'Hub cap off',
                'detail' => 'Taps all round, or a wide blade worked round; a screwed cap was cracked loose before.',
            ]),
            Move::off(
                ['castle_nut_left', 'washer_left'],
                [
                    'title' => 'Pin, castle nut, washer',
                    'detail' => 'The pin is cut and thrown away. Count how far the nut comes before it is free.',
                ],
            ),
            Move::off('taper_cone_left', [
                'title' => 'Rock the hub, catch the outer cone',
                'detail' => 'It comes with a pull on the hub. Keep it with its cup.',
                'tool' => 'Hands',
                'find' => 'Rollers: bright lines, pits, blue heat, a worn cage.',
            ]),
            Move::axle([
                'title' => 'Hub off the spindle',
                'detail' => 'Straight off; the spindle stays on the machine: leave it in place. The inner cone may stay on it.',
                'tool' => 'Hands; puller behind the cone when seized',
                'find' => 'Blue or scored under a cone: it turned on the spindle.',
            ])->leaving('axle'),
            Move::seals(),
            Move::off('taper_cone_right', ['title' => 'Inner cone out']),
            Move::off(
                ['taper_cup_left', 'taper_cup_right'],
                [
                    'title' => 'Cups: look, then drive out those to be renewed',
                    'detail' => 'From behind, on the bared edge, crossing the clock. A cup that is good is left in place.',
                    'tool' => 'Long soft punch',
                    'find' => 'A shadow at every roller, pits, a step felt with a nail.',
                    'caution' => 'Eyes covered: cups are hard and may chip.',
                ],
            )->leaving('taper_cup_left', 'taper_cup_right'),
            Move::look(),
        ];
    }

    public function firstSide(Notebook $notebook): Side
    {
        return Side::Right;
    }

    public function firstSideReason(Notebook $notebook): string
    {
        return 'The inner cup, then the outer: either stands on its shoulder; the seal closes the inner side before the hub goes on.';
    }

    public function assembly(Side $first): array
    {
        $cup = [
            'detail' => 'Taper facing outward. By hand to start, then tapped all round; if it cocks, tap it back out from behind.',
            'tool' => 'The old cup ground down or slit, so that it falls out again',
            'home' => 'Seated on its shoulder all round: a feeler will not go under.',
            'support' => 'Directly under the bore that takes this cup: a hub that bounces swallows the blow.',
        ];

        return [
            Put::in('taper_cup_right', $cup),
            Put::in('taper_cup_left', $cup),
            Put::in('taper_cone_right', [
                'detail' => 'Packed with grease, into its cup, before the seal closes it in. A felt that stays on the spindle goes '
                    .'on before the cone instead.',
            ]),
            ...Put::each('seal_right', 'axle', 'taper_cone_left', 'washer_left', 'castle_nut_left', 'dust_cap_left'),
        ];
    }

    public function fasteners(): array
    {
        return [
            new Fastener('castle_nut', 'Castle nut', 'castle_nut_left'),
            new Fastener('hub_cap', 'Hub cap', 'dust_cap_left', onGround: true),
            new Fastener('wheel_nuts', 'Wheel nuts', several: true, onGround: true),
        ];
    }
}
