<?php

declare(strict_types=1);

namespace App\Bench;

use App\Cards\Words;
use App\Models\Shop;
use DateTimeImmutable;
use Sabre\VObject\Component\VCalendar;
use stdClass;

/** What falls due as iCalendar (RFC 5545): an all-day event each, the same one by its UID whenever it is read again. */
final class CalendarFeed
{
    private const KINDS = ['carry' => 'Carried forward', 'recheck' => 'Re-check', 'life' => 'Set near its usual life'];

    /** @param  list<stdClass>  $items rows of {@see Ahead}, each with a day */
    public static function of(Shop $shop, array $items, Words $words): string
    {
        $calendar = new VCalendar([
            'PRODID' => '-//Clean Race//Ahead//EN',
            'X-WR-CALNAME' => $shop->name.': ahead',
            'METHOD' => 'PUBLISH',
        ]);
        foreach ($items as $item) {
            $day = new DateTimeImmutable($item->due_on);
            $what = $item->words === null ? $item->what : $words->say(json_decode($item->words, true));
            $event = $calendar->createComponent('VEVENT', [
                'UID' => "due-{$item->id}@clean-race",
                'SUMMARY' => "{$item->machine_name}, ".lcfirst($item->wheel).': '.mb_substr($what, 0, 120),
                'DESCRIPTION' => self::KINDS[$item->kind].
                    '. '.
                    $what.
                    ($item->rests_on === null ? '' : " Rests on {$item->rests_on} sets of this shop.").
                    ($item->machine_owner === '' ? '' : "\n{$item->machine_owner}"),
                'DTSTAMP' => new DateTimeImmutable($item->updated_at ?? 'now'),
                'TRANSP' => 'TRANSPARENT',
            ]);
            $calendar->add($event);
            $event->add('DTSTART', $day->format('Ymd'), ['VALUE' => 'DATE']);
            $event->add('DTEND', $day->modify('+1 day')->format('Ymd'), ['VALUE' => 'DATE']);
        }

        return $calendar->serialize();
    }
}
