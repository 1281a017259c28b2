<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Wear;

/** Where in the bore a diameter is taken. */
enum BoreDepth: string
{
    case Lip = 'lip';
    case Middle = 'middle';
    case Bottom = 'bottom';

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Lip => 'Lip',
            self::Middle => 'Middle',
            self::Bottom => 'Bottom',
        };
    }
}
