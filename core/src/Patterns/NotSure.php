<?php

declare(strict_types=1);

namespace CleanRace\Core\Patterns;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Side;
use CleanRace\Core\Hub\Stack;
use CleanRace\Core\Notebook\Notebook;

/**
 * A hub that nobody has seen into yet: an axle in a housing. It is checked in and opened with care; how it is built is said
 * when it can be seen, and until then nothing of it is judged.
 */
final readonly class NotSure implements Pattern
{
    public const ID = 'not-sure';

    public function id(): string
    {
        return self::ID;
    }

    public function card(): PatternCard
    {
        return new PatternCard(
            'Not sure yet',
            'Said when it is apart; until then nothing is judged',
            Turning::Hub,
            'not known yet',
            MachineKind::Motorcycle,
            called: 'Wheel',
            sets: [],
            sure: false,
        );
    }

    public function stack(Notebook $notebook): Stack
    {
        return Stack::of(
            Part::of(PartKind::Axle, Side::Middle, 'Axle', ['diameter' => 15, 'length' => 150]),
            Part::of(PartKind::Housing, Side::Middle, 'Hub', ['outside' => 66, 'length' => 100, 'ledge_bore' => 30], form: 'waist'),
        );
    }

    public function capture(): array
    {
        return [
            Captures::length('axle_left', 'Axle sticks out, left', 'axle_end'),
            Captures::length('axle_right', 'Axle sticks out, right', 'axle_end'),
            Captures::rotation('Arrow or letters, which way'),
        ];
    }

    public function moves(Stack $stack, Side $first): array
    {
        return [
            Move::safe(
                'So that it cannot roll, tip or start. Crack its axle nut while it still stands on the ground. A caliper is hung, never '
                    .'by its hose.',
            ),
            Move::say('open', [
                'title' => 'Open it as far as it shows itself',
                'detail' => 'Caps, covers, what hides its ends. Nothing is driven yet. Each thing lies in order, its way round kept.',
                'find' => 'Cartridges or loose balls, a ring in a groove, a shoulder, a cone, a taper, what the nut holds.',
            ]),
        ];
    }

    public function firstSide(Notebook $notebook): Side
    {
        return Side::Left;
    }

    public function firstSideReason(Notebook $notebook): string
    {
        return 'Said when it is known how it is built.';
    }

    public function assembly(Side $first): array
    {
        return [];
    }

    public function fasteners(): array
    {
        return [];
    }
}
