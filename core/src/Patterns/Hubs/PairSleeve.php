<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns\Hubs;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\SnapRings;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Hub\StackEdits;
use CleanRace\Core\Notebook\Notebook;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Captures;
use CleanRace\Core\Patterns\Fastener;
use CleanRace\Core\Patterns\HubSetting;
use CleanRace\Core\Patterns\MachineKind;
use CleanRace\Core\Patterns\Move;
use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Patterns\PatternCard;
use CleanRace\Core\Patterns\Put;
use CleanRace\Core\Patterns\Turning;

/** Two cartridges in a hub that turns, a loose sleeve between their inner rings, a seal outside each, a snap ring on one side. */
final readonly class PairSleeve implements Pattern
{
    public function id(): string
    {
        return 'pair-sleeve';
    }

    public function card(): PatternCard
    {
        return new PatternCard(
            'Two cartridges and a loose spacer tube',
            'Motorcycle and trail-bike wheels, trailer wheels',
            Turning::Hub,
            'the outer rings in the hub',
            MachineKind::Motorcycle,
            cautions: ['The brake disc must not carry the wheel: blocks under the hub.'],
            pair: true,
            eitherFirst: true,
            sets: [HubSetting::Clamped, HubSetting::Centre],
        );
    }

    public function stack(Notebook $notebook): Stack
    {
        $rings = $this->ringSides($notebook);
        $ring = static fn (Side $side): ?Part => in_array($side, $rings, true)
            ? Part::of(PartKind::SnapRing, $side, $side === Side::Left ? 'Left snap ring' : 'Right snap ring', [
                'outside' => 47,
                'width' => 1.75,
            ])
            : null;
        $bearing = ['bore' => 20, 'outside' => 47, 'width' => 14];
        $seal = ['bore' => 29, 'outside' => 47, 'width' => 6.6];
        $spacer = ['bore' => 20, 'outside' => 29, 'length' => 22.2];

        return Stack::of(
            Part::of(PartKind::Axle, Side::Middle, 'Axle', ['diameter' => 20, 'length' => 160, 'thread_length' => 14]),
            Part::of(
                PartKind::Housing,
                Side::Middle,
                'Hub',
                ['outside' => 66, 'length' => 104, 'ledge_left' => 23.2, 'ledge_right' => 23.2],
                form: 'waist',
            ),
            Part::of(PartKind::Spacer, Side::Left, 'Left wheel spacer', $spacer),
            Part::of(PartKind::Seal, Side::Left, 'Left seal', $seal),
            $ring(Side::Left),
            Part::of(PartKind::Bearing, Side::Left, 'Left bearing', $bearing),
            Part::of(PartKind::Sleeve, Side::Middle, 'Spacer tube', ['bore' => 20.3, 'outside' => 26, 'length' => 57.6]),
            Part::of(PartKind::Bearing, Side::Right, 'Right bearing', $bearing),
            $ring(Side::Right),
            Part::of(PartKind::Seal, Side::Right, 'Right seal', $seal),
            Part::of(PartKind::Spacer, Side::Right, 'Right wheel spacer', $spacer),
        );
    }

    public function capture(): array
    {
        return [
            Captures::ringSide($this->card()),
            Captures::length('axle_left', 'Axle sticks out, left', 'axle_end', 'from the fork end'),
            Captures::length('axle_right', 'Axle sticks out, right', 'axle_end', 'from the fork end'),
            Captures::length('spacer_left', 'Left wheel spacer, length', 'spacer'),
            Captures::length('spacer_right', 'Right wheel spacer, length', 'spacer'),
            Captures::depth('seal_left', 'Left seal below the face', 'seal_depth'),
            Captures::depth('seal_right', 'Right seal below the face', 'seal_depth'),
            Captures::rotation(),
        ];
    }

    public function moves(Stack $stack, Side $first): array
    {
        $second = $first->other();

        return [
            Move::safe(
                'On its stand so that it cannot roll or tip. Crack the axle nut while the wheel still stands on the ground. Hang the '
                    .'caliper, never by its hose.',
            ),
            Move::axle(['detail' => 'Pinch bolts, nut, then the axle. Note the spanner: next time it is known.']),
            Move::off(
                ['spacer_left', 'spacer_right'],
                [
                    'title' => 'Lift the wheel out, spacers off',
                    'detail' => 'Each goes back to its own side.',
                    'find' => 'A groove where the seal lip ran: catch it with a nail.',
                ],
            ),
            Move::seals(),
            Move::rings(),
            Move::bearing('bearing_'.$second->value, $second, ['why' => 'It leaves outward first and frees the spacer tube.']),
            Move::sleeve(),
            Move::bearing('bearing_'.$first->value, $first),
            Move::look(),
        ];
    }

    public function firstSide(Notebook $notebook): Side
    {
        return $this->onlyRing($notebook) ?? (Side::tryFrom($notebook->choice(Places::LOOK_FIRST) ?? '') ?? Side::Left);
    }

    /** The side of its only snap ring, wherever it was moved to; null when it has none, or one on each side. */
    private function onlyRing(Notebook $notebook): ?Side
    {
        return SnapRings::only(StackEdits::from($notebook->value(Places::HUB))->onto($this->stack($notebook)));
    }

    public function firstSideReason(Notebook $notebook): string
    {
        return match (true) {
            ! $notebook->has(Places::RING_SIDE) && ! $notebook->has(Places::HUB) => 'As such hubs usually are drawn, with the snap '
                .'ring on the left: say at Check in on which side one is seen.',
            $this->onlyRing($notebook) !== null => 'Its shoulder and snap ring hold it, so that driving the other side cannot push it out.',
            Side::tryFrom($notebook->choice(Places::LOOK_FIRST) ?? '') !== null => 'Its shoulder locates the pair, so it goes fully home '
                .'before the other side is touched.',
            count($this->ringSides($notebook)) > 1 => 'A snap ring on each side: the one on the shoulder that locates goes '
                .'first. Say it at Clean and look.',
            default => 'Nothing seen says yet which side locates: look into both bores for the shoulder, and say it at Clean and look.',
        };
    }

    public function assembly(Side $first): array
    {
        $one = $first->value;
        $two = $first->other()->value;

        return Put::each(
            "bearing_$one",
            "snap_ring_$one",
            'sleeve',
            "bearing_$two",
            "snap_ring_$two",
            'seal_left',
            'seal_right',
            'spacer_left',
            'spacer_right',
            'axle',
        );
    }

    public function fasteners(): array
    {
        return [
            new Fastener('axle_nut', 'Axle nut', 'axle', onGround: true),
            new Fastener('pinch_bolts', 'Pinch bolts'),
            new Fastener('caliper_bolts', 'Caliper bolts', guards: true),
        ];
    }

    /** @return list<Side> */
    private function ringSides(Notebook $notebook): array
    {
        return match ($notebook->choice(Places::RING_SIDE)) {
            'right' => [Side::Right],
            'both' => [Side::Left, Side::Right],
            'none', 'unseen' => [],
            default => [Side::Left],
        };
    }
}
