<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns\Hubs;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
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

/** Two cartridges and a sleeve in a carrier; a shaft slides through, seals ride on collars that can be replaced. */
final readonly class LiveCarrier implements Pattern
{
    public function id(): string
    {
        return 'live-carrier';
    }

    public function card(): PatternCard
    {
        return new PatternCard(
            'Carrier on a live axle',
            'Quad and kart rear axles',
            Turning::InnerRing,
            'the outer rings in the carrier; the shaft slides',
            MachineKind::Quad,
            'Disc side',
            'Sprocket side',
            pair: true,
            cautions: ['An eccentric carrier sets the chain: mark where it stood.'],
            called: 'Rear axle',
            body: 'carrier',
            outer: SeatMeant::StandsStill,
            inner: SeatMeant::Slides,
        );
    }

    public function stack(Notebook $notebook): Stack
    {
        $bearing = ['bore' => 35, 'outside' => 62, 'width' => 14];

        return Stack::of(
            Part::of(PartKind::Axle, Side::Middle, 'Rear axle', ['diameter' => 35, 'length' => 250, 'thread_length' => 30]),
            Part::of(
                PartKind::Housing,
                Side::Middle,
                'Carrier',
                ['outside' => 96, 'length' => 124, 'ledge_left' => 30, 'ledge_right' => 30],
                form: 'carrier',
            ),
            Part::of(PartKind::LockNut, Side::Left, 'Disc-side lock nut', ['bore' => 35, 'outside' => 58, 'length' => 12]),
            Part::of(PartKind::Collar, Side::Left, 'Disc-side collar', ['bore' => 35, 'outside' => 45, 'length' => 24]),
            Part::of(PartKind::Seal, Side::Left, 'Disc-side seal', ['bore' => 45, 'outside' => 62, 'width' => 8]),
            Part::of(PartKind::Bearing, Side::Left, 'Disc-side bearing', $bearing),
            Part::of(PartKind::Sleeve, Side::Middle, 'Spacer tube', ['bore' => 35.3, 'outside' => 43, 'length' => 64]),
            Part::of(PartKind::Nipple, Side::Middle, 'Grease nipple', ['length' => 14]),
            Part::of(PartKind::Bearing, Side::Right, 'Sprocket-side bearing', $bearing),
            Part::of(PartKind::Seal, Side::Right, 'Sprocket-side seal', ['bore' => 45, 'outside' => 62, 'width' => 8]),
            Part::of(PartKind::Collar, Side::Right, 'Sprocket-side collar', ['bore' => 35, 'outside' => 45, 'length' => 24]),
            Part::of(PartKind::LockNut, Side::Right, 'Sprocket-side lock nut', ['bore' => 35, 'outside' => 58, 'length' => 12]),
        );
    }

    public function capture(): array
    {
        return [
            Captures::text('carrier_mark', 'Where the carrier stands in its clamp', 'scribe a line across both'),
            Captures::depth('seal_left', 'Disc-side seal below the face', 'seal_depth'),
            Captures::depth('seal_right', 'Sprocket-side seal below the face', 'seal_depth'),
            Captures::length('axle_left', 'Axle sticks out, disc side', 'axle_end'),
            Captures::length('axle_right', 'Axle sticks out, sprocket side', 'axle_end'),
            Captures::length('chain_slack', 'Chain slack', 'gap'),
        ];
    }

    public function moves(Stack $stack, Side $first): array
    {
        return [
            Move::safe(
                'Axle nuts and wheel nuts cracked on the ground. Then lifted, on stands under the frame, front wheels blocked. Chain '
                    .'off, caliper hung, sprocket and disc hubs off their splines.',
            ),
            Move::off(
                ['lock_nut_left', 'lock_nut_right', 'collar_left', 'collar_right'],
                [
                    'title' => 'Lock nuts and collars off',
                    'detail' => 'A pair of nuts: the outer loosened against the inner. Note left-hand threads.',
                    'tool' => 'Two large spanners',
                    'find' => 'A groove in the collar where the seal ran: a new collar, or the seal at another depth.',
                ],
            ),
            Move::axle([
                'title' => 'Slide the axle out',
                'detail' => 'A soft mallet on its end, nut run flush to guard the thread. Hot, cold and hot again when it is rusted in.',
                'tool' => 'Soft mallet',
                'find' => 'Rust or steps under the bearings; the shaft must slide by hand when clean.',
            ]),
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
        return 'The sprocket side is the inner side of the carrier: it locates the chain line.';
    }

    public function assembly(Side $first): array
    {
        $support = ['support' => 'On the carrier close to the bore; its eccentric face clear of the blow.'];

        return [
            Put::in('bearing_right', $support),
            ...Put::each('sleeve'),
            Put::in('bearing_left', $support),
            ...Put::each('seal_right', 'seal_left', 'nipple', 'axle', 'collar_right', 'collar_left', 'lock_nut_right', 'lock_nut_left'),
        ];
    }

    public function fasteners(): array
    {
        return [
            new Fastener('axle_nuts', 'Axle lock nuts', 'lock_nut_left', onGround: true),
            new Fastener('carrier_clamp', 'Carrier clamp bolts'),
            new Fastener('wheel_nuts', 'Wheel nuts', several: true, onGround: true),
        ];
    }
}
