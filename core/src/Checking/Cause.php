<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

use CleanRace\Core\Hub\PartKind;
use CleanRace\Core\Hub\Stack;

/** Why a bearing failed, as far as it is seen: kept, so that the next set does not die of the same. */
enum Cause: string
{
    case Cover = 'cover';
    case Jet = 'jet';
    case Water = 'water';
    case Dry = 'dry';
    case Overload = 'overload';
    case Pressed = 'pressed';
    case Crept = 'crept';
    case Age = 'age';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Cover => 'A cover or seal was missing',
            self::Jet => 'Washed with a jet',
            self::Water => 'Stood in water',
            self::Dry => 'Never greased',
            self::Overload => 'Load or a knock from one side',
            self::Pressed => 'Pressed in through its balls',
            self::Crept => 'Turned in its seat',
            self::Age => 'Its age',
        };
    }

    /** @return list<self> what such a hub can have died of: loose balls are not pressed through, nor a cover lost where it has none */
    public static function possible(Stack $stack): array
    {
        return array_values(
            array_filter(
                self::cases(),
                static fn (self $one): bool => match ($one) {
                    self::Cover => $stack->ofKind(PartKind::Seal, PartKind::Felt, PartKind::DustCap, PartKind::EndCap) !== [],
                    self::Pressed => $stack->cartridges() !== [],
                    default => true,
                },
            ),
        );
    }
}
