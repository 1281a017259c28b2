<?php

declare(strict_types=1);

namespace CleanRace\Core\Stripping;

use CleanRace\Core\Patterns\Fastener;
use CleanRace\Core\Patterns\HubRole;
use CleanRace\Core\Patterns\PatternCard;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Steps\Option;
use CleanRace\Core\Verdict\Message;

/** What is noted of a fastener where it comes off. */
final class FastenerAsks
{
    /** @return list<Ask> */
    public static function of(Fastener $fastener, PatternCard $card): array
    {
        return [
            Ask::text($fastener->place('spanner'), $fastener->name.': spanner', wanted: false, hint: '27, or 1 1/16'),
            Ask::text($fastener->place('thread'), $fastener->name.': thread', wanted: false, hint: 'M16 × 1.5'),
            Ask::choice(
                $fastener->place('hand'),
                'Undoes',
                Option::of(['right' => 'To the left, as usual', 'left' => 'To the right: left-hand thread']),
                wanted: false,
            ),
            Ask::choice(
                $fastener->place('held'),
                'How it was held',
                [
                    new Option('bar', Message::plain('Bar on the {shaft}')),
                    new Option('hub', $card->role === HubRole::Blade ? 'Blade blocked' : Message::plain('The {body} held')),
                    ...Option::of([
                        ...$card->role === HubRole::Wheel ? ['ground' => 'Wheel on the ground'] : [],
                        ...$card->isBraked() ? ['brake' => 'Brake held'] : [],
                    ]),
                ],
                wanted: false,
            ),
            Ask::torque($fastener->place('torque'), $fastener->name.': torque, by its manual', wanted: false),
            Ask::choice($fastener->place('source'), 'Torque from', Fastener::sources(), wanted: false),
        ];
    }
}
