<?php

declare(strict_types=1);

namespace CleanRace\Core\Mechanics\Warmth;

use CleanRace\Core\Tables\Limits;

/** What limits how warm a hub may get. */
enum HubFinish: string
{
    case Bare = 'bare';
    case Paint = 'paint';
    case Powder = 'powder';
    case Rubber = 'rubber';
    case Plastic = 'plastic';

    /** °C */
    public function limit(Limits $limits): float
    {
        return $limits->get('heat.limit_'.$this->value.'_c');
    }

    /** How people say it. */
    public function label(): string
    {
        return match ($this) {
            self::Bare => 'Bare metal',
            self::Paint => 'Paint',
            self::Powder => 'Powder coat',
            self::Rubber => 'Rubber or plastic near',
            self::Plastic => 'Plastic',
        };
    }
}
