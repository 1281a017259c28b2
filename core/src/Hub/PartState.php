<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

/** Where a part is. */
enum PartState: string
{
    case InPlace = 'in_place';
    case OnTray = 'on_tray';
    case Fitted = 'fitted';
    case NotThere = 'not_there';

    /** Looked at and left where it is. */
    case Stays = 'stays';

    /** Thrown away, with a reason. */
    case Scrapped = 'scrapped';

    /** Whether it is out of the hub: a drawing shows none of it. */
    public function isAway(): bool
    {
        return in_array($this, [self::OnTray, self::Scrapped, self::NotThere], true);
    }

    /** Whether it answers where a part is to be: there, or nowhere that it could come from. */
    public function answers(?self $until): bool
    {
        return match ($this) {
            self::Fitted, self::NotThere, self::Stays => true,
            self::Scrapped => $until === self::OnTray,
            default => $this === $until,
        };
    }
}
