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
use CleanRace\Core\Patterns\FrontWheel;
use CleanRace\Core\Patterns\HubSetting;
use CleanRace\Core\Patterns\MachineKind;
use CleanRace\Core\Patterns\MadeParts;
use CleanRace\Core\Patterns\Move;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Patterns\PatternCard;
use CleanRace\Core\Patterns\Put;
use CleanRace\Core\Patterns\Turning;

/** A cup-and-cone hub after its cups are driven out: cartridges in their place, a made sleeve between. */
final readonly class CupConeConversion implements Pattern
{
    public function id(): string
    {
        return 'cup-cone-conversion';
    }

    public function card(): PatternCard
    {
        return new PatternCard(
            'Cup-and-cone hub turned to cartridges',
            'Mopeds and old bicycles',
            Turning::Hub,
            'the outer rings in the old cup seats',
            MachineKind::Bicycle,
            'Plain side',
            'Sprocket side',
            pair: true,
            cautions: ['The old seats were made for cups: measure them before a ring is pressed.'],
            sets: [HubSetting::Clamped, HubSetting::AxleEnds, HubSetting::Centre],
            converted: true,
            outer: SeatMeant::PressedSlow,
            front: FrontWheel::LEFT_RIGHT,
        );
    }

    public function stack(Notebook $notebook): Stack
    {
        $bearing = ['bore' => 12, 'outside' => 32, 'width' => 10];

        return Stack::of(
            Part::of(PartKind::Axle, Side::Middle, 'Axle', ['diameter' => 12, 'length' => 150, 'thread_length' => 40]),
            Part::of(
                PartKind::Housing,
                Side::Middle,
                'Hub shell',
                ['outside' => 58, 'length' => 70, 'ledge_left' => 10, 'ledge_right' => 10],
                form: 'flanges',
            ),
            Part::of(PartKind::LockNut, Side::Left, 'Plain-side lock nut', ['bore' => 12, 'outside' => 19, 'length' => 5]),
            Part::of(PartKind::Spacer, Side::Left, 'Plain-side spacer', ['bore' => 12, 'outside' => 17, 'length' => 8]),
            Part::of(PartKind::Bearing, Side::Left, 'Plain-side bearing', $bearing),
            Part::of(PartKind::Sleeve, Side::Middle, 'Made spacer tube', ['bore' => 12.2, 'outside' => 16, 'length' => 50]),
            Part::of(PartKind::Bearing, Side::Right, 'Sprocket-side bearing', $bearing),
            Part::of(PartKind::Spacer, Side::Right, 'Sprocket-side spacer', ['bore' => 12, 'outside' => 17, 'length' => 26]),
            Part::of(PartKind::LockNut, Side::Right, 'Sprocket-side lock nut', ['bore' => 12, 'outside' => 19, 'length' => 5]),
            ...MadeParts::of($notebook, $this->card()),
        );
    }

    public function capture(): array
    {
        return [
            Captures::length('axle_left', 'Axle sticks out, plain side', 'axle_end', 'past the lock nut'),
            Captures::length('axle_right', 'Axle sticks out, sprocket side', 'axle_end', 'past the lock nut'),
            Captures::length('over_nuts', 'Over the lock nuts', 'over_all'),
            Captures::length('spacer_left', 'Plain-side spacer, length', 'spacer'),
            Captures::length('spacer_right', 'Sprocket-side spacer, length', 'spacer'),
        ];
    }

    public function moves(Stack $stack, Side $first): array
    {
        return [
            Move::safe('Wheel out, on the bench. What comes off stays strung on its axle, in order: it tells the widths.'),
            Move::off(
                ['lock_nut_left', 'spacer_left', 'lock_nut_right', 'spacer_right'],
                ['title' => 'Lock nuts and spacers off', 'detail' => 'Each side kept together in its order.', 'tool' => 'Two spanners'],
            ),
            Move::say('cones', [
                'title' => 'Cones off, balls out',
                'detail' => 'Brake plate lifted out first where it has one. Cones off the axle, balls and covers out over a tray. The '
                    .'old cones go back on the axle with their nuts.',
                'tool' => 'Cone spanner, magnet, tray with a rim',
                'find' => 'Their tracks: what wore them. The axle under them: 11.85 to 12.0 is a 12 axle.',
            ], 6),
            Move::axle(),
            Move::say('cups', [
                'title' => 'Cups out',
                'detail' => 'From behind, crossing the clock, out level. Then the seats wiped bright: they take the new bearing or its '
                    .'ring.',
                'tool' => 'Long punch, hammer',
                'caution' => 'Eyes covered: cups are hard and may chip.',
                'find' => 'Seats that are oval or stepped: a made ring then.',
            ], 8),
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
        return 'The sprocket side locates: its spacers keep the chain line.';
    }

    public function assembly(Side $first): array
    {
        return [
            ...Put::each('bearing_right'),
            Put::in('sleeve', [
                'detail' => 'Its length is taken in place: first bearing home, the second offered up on the axle, between inner ring and '
                    .'shoulder. Cut half a millimetre long, filed square, tried with the axle through; ends deburred inside and out.',
            ]),
            ...Put::each('bearing_left'),
            ...Put::each('axle_bush_right', 'axle_bush_left', 'axle', 'spacer_right', 'lock_nut_right', 'spacer_left', 'lock_nut_left'),
        ];
    }

    public function fasteners(): array
    {
        return [
            new Fastener('lock_nut_right', 'Sprocket-side lock nut', 'lock_nut_right'),
            new Fastener('lock_nut_left', 'Plain-side lock nut', 'lock_nut_left'),
            new Fastener('wheel_nuts', 'Wheel nuts'),
        ];
    }
}
