<?php

declare(strict_types=1);

namespace CleanRace\Core\Proving;

use CleanRace\Core\Hub\PartState;
use CleanRace\Core\Hub\TrayItem;
use CleanRace\Core\Notebook\Places;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Stripping\Looks;
use CleanRace\Core\Verdict\Message;

/** What is used and looked at again the next time: it is carried forward by itself. */
final class CarriedForward
{
    /** @return list<Message> parts and what was looked over, as the job calls them; what the note names already is not said twice */
    public static function of(Bench $bench): array
    {
        $note = $bench->notebook->text(Places::CARRY) ?? '';
        $parts = array_filter(
            $bench->tray->items,
            static fn (TrayItem $item): bool => $item->condition === 'note' && ! $item->new && $item->state !== PartState::NotThere,
        );

        return array_values(
            array_filter(
                [
                    ...array_map(static fn (TrayItem $item): Message => Message::plain($item->name), array_values($parts)),
                    ...Looks::ofHub($bench)->noted(),
                    ...Looks::around($bench)->noted(),
                ],
                static fn (Message $thing): bool => mb_stripos($note, $thing->inEnglish()) === false,
            ),
        );
    }

    /** The same in one line: `Axle, tyre: look again`; null when there is nothing. */
    public static function line(Bench $bench): ?Message
    {
        $all = self::of($bench);

        return $all === []
            ? null
            : Message::of('carried.again', '{things}: look again', [
                'things' => Message::listed([$all[0], ...array_map(Message::within(...), array_slice($all, 1))]),
            ]);
    }
}
