<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests;

use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;

/** Words as somebody reads them who has no other language laid over, in metric. */
final class English
{
    public static function of(Message|Written|string|null $words): string
    {
        return $words === null ? '' : Message::plain($words)->inEnglish();
    }
}
