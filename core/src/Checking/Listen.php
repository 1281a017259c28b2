<?php

declare(strict_types=1);

namespace CleanRace\Core\Checking;

/** Where a rod on fork end or knuckle hears it. */
enum Listen: string
{
    case Left = 'left';
    case Right = 'right';
    case Same = 'same';
    case Nothing = 'nothing';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Left => 'Louder left',
            self::Right => 'Louder right',
            self::Same => 'The same',
            self::Nothing => 'Nothing',
        };
    }
}
