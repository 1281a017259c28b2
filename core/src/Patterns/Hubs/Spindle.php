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

/** Two cartridges and a sleeve in a blade spindle, a grease nipple between. */
final readonly class Spindle implements Pattern
{
    public function id(): string
    {
        return 'spindle';
    }

    public function card(): PatternCard
    {
        return new PatternCard(
            'Blade spindle',
            'Mower decks',
            Turning::InnerRing,
            'the outer rings in the spindle housing',
            MachineKind::Mower,
            'Pulley end',
            'Blade end',
            pair: true,
            cautions: ['Spark lead off and blade blocked before a hand goes under the deck.'],
            use: HubUse::Blade,
            role: HubRole::Blade,
            called: 'Blade spindle',
            body: 'housing',
            shaft: 'shaft',
            outer: SeatMeant::StandsStill,
            inner: SeatMeant::Clamped,
        );
    }

    public function stack(Notebook $notebook): Stack
    {
        $bearing = ['bore' => 25, 'outside' => 52, 'width' => 15];

        return Stack::of(
            Part::of(PartKind::Axle, Side::Middle, 'Spindle shaft', [
                'diameter' => 25,
                'length' => 178,
                'thread_length' => 20,
                'end_diameter' => 20,
            ]),
            Part::of(
                PartKind::Housing,
                Side::Middle,
                'Spindle housing',
                ['outside' => 112, 'length' => 92, 'ledge_left' => 18, 'ledge_right' => 18],
                form: 'deck',
            ),
            Part::of(PartKind::LockNut, Side::Left, 'Pulley nut', ['bore' => 20, 'outside' => 34, 'length' => 14]),
            Part::of(PartKind::Spacer, Side::Left, 'Pulley hub', ['bore' => 25, 'outside' => 38, 'length' => 22]),
            Part::of(PartKind::DustCap, Side::Left, 'Upper dust cap', ['outside' => 52, 'width' => 3, 'bore' => 36]),
            Part::of(PartKind::Bearing, Side::Left, 'Pulley-end bearing', $bearing),
            Part::of(PartKind::Sleeve, Side::Middle, 'Spacer tube', ['bore' => 25.3, 'outside' => 32, 'length' => 56]),
            Part::of(PartKind::Nipple, Side::Middle, 'Grease nipple', ['length' => 12]),
            Part::of(PartKind::Bearing, Side::Right, 'Blade-end bearing', $bearing),
            Part::of(PartKind::DustCap, Side::Right, 'Lower dust cap', ['outside' => 52, 'width' => 3, 'bore' => 36]),
            Part::of(PartKind::Spacer, Side::Right, 'Blade adapter', ['bore' => 25, 'outside' => 40, 'length' => 18]),
            Part::of(PartKind::LockNut, Side::Right, 'Blade nut', ['bore' => 20, 'outside' => 36, 'length' => 14]),
        );
    }

    public function capture(): array
    {
        return [
            Captures::length('blade_height', 'Blade tip to deck rim', 'gap'),
            Captures::depth('blade_true', 'One blade tip below the other, turned half round', 'gap'),
            Captures::length('over_housing', 'Over the housing', 'over_all'),
            Captures::text('blade_side', 'Which side of the blade is down', 'paint a mark'),
            Captures::text('nipple_way', 'Which way the nipple looks', 'from below'),
        ];
    }

    public function moves(Stack $stack, Side $first): array
    {
        return [
            Move::safe(
                'Spark lead off, or battery out and switch off. Blade blocked with a piece of wood. Deck out from under the machine, '
                    .'or the machine on stands.',
            ),
            Move::off(
                ['lock_nut_right', 'spacer_right'],
                [
                    'title' => 'Blade off',
                    'detail' => 'Blade nut while the blade is blocked; gloves. Note which way it undoes.',
                    'tool' => 'Impact socket, wood block',
                    'caution' => 'A blade cuts when it is still: thick gloves, block it, never a hand as stop.',
                ],
            ),
            Move::off(['lock_nut_left', 'spacer_left'], ['title' => 'Pulley off', 'detail' => 'Belt off first. Pulley with its key.']),
            Move::axle([
                'title' => 'Drive the shaft through',
                'detail' => 'Downward, nut run flush to guard the thread; a bearing may come with it.',
                'tool' => 'Soft mallet or press',
            ]),
            Move::off(['dust_cap_left', 'dust_cap_right']),
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
        return 'The blade end carries the load: it goes home first.';
    }

    public function assembly(Side $first): array
    {
        $support = ['support' => 'On the housing close to the bore, not on its cast rim: it cracks.'];

        return [
            Put::in('bearing_right', $support),
            ...Put::each('sleeve'),
            Put::in('bearing_left', $support),
            ...Put::each(
                'dust_cap_left',
                'dust_cap_right',
                'nipple',
                'axle',
                'spacer_left',
                'lock_nut_left',
                'spacer_right',
                'lock_nut_right',
            ),
        ];
    }

    public function fasteners(): array
    {
        return [
            new Fastener('pulley_nut', 'Pulley nut', 'lock_nut_left'),
            new Fastener('blade_nut', 'Blade nut', 'lock_nut_right'),
            new Fastener('housing_bolts', 'Housing bolts', several: true),
        ];
    }
}
