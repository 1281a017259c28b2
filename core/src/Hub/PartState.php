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
}
