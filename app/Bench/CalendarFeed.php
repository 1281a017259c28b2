<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\DueItem;
use App\Models\Shop;
use DateTimeImmutable;
use Sabre\VObject\Component\VCalendar;

/** What falls due as iCalendar (RFC 5545): an all-day event each, the same one by its UID whenever it is read again. */
final class CalendarFeed
{
    private const KINDS = ['carry' => 'Carried forward', 'recheck' => 'Re-check', 'life' => 'Set near its usual life'];

    /** @param  list<DueItem>  $items with a day */
    public static function of(Shop $shop, array $items): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Clean Race//Ahead//EN', 'X-WR-CALNAME' => $shop->name.': ahead', 'METHOD' => 'PUBLISH']);
        foreach ($items as $item) {
            if ($item->due_on === null) {
                continue;
            }
            $event = $calendar->createComponent('VEVENT', [
                'UID' => "due-{$item->id}@clean-race", 'SUMMARY' => "{$item->machine->name}, ".lcfirst($item->wheel).': '.mb_substr($item->what, 0, 120),
                'DESCRIPTION' => self::KINDS[$item->kind].'. '.$item->what.($item->rests_on === null ? '' : " Rests on {$item->rests_on} sets of this shop.").($item->machine->owner === '' ? '' : "\n{$item->machine->owner}"),
                'DTSTAMP' => new DateTimeImmutable($item->updated_at?->format('Y-m-d\TH:i:sP') ?? 'now'), 'TRANSP' => 'TRANSPARENT',
            ]);
            $calendar->add($event);
            $event->add('DTSTART', $item->due_on->format('Ymd'), ['VALUE' => 'DATE']);
            $event->add('DTEND', $item->due_on->copy()->addDay()->format('Ymd'), ['VALUE' => 'DATE']);
        }

        return $calendar->serialize();
    }
}
