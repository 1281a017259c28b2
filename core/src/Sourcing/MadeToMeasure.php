<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Hub\Part;
use CleanRace\Core\Hub\TrayItem;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Patterns\Bench;
use CleanRace\Core\Sizing\Conversion\PieceToMake;
use CleanRace\Core\Sizing\Plan\Converted;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Verdict\Message;

/** Lines of a list for what no counter has: pieces that are made here or by a turner. */
final class MadeToMeasure
{
    private const NOTE = 'Made here or by a turner: its drawing stands with the cartridges';

    /** A ring or a bush by its nominal sizes; how much over or under is drawn beside the conversion. */
    public static function turned(Part $made): ToBuy
    {
        $sizes = self::sizes($made->sizes['outside'], $made->sizes['bore'], $made->sizes['width']);

        return new ToBuy($made->name, $sizes, 1, self::NOTE, made: true);
    }

    /** The tube that a hub of cups never had: as long as it was reckoned, or as it will be taken in place. */
    public static function tube(Limits $limits, Bench $bench, TrayItem $item): ToBuy
    {
        $pieces = Converted::work($limits, $bench)->pieces ?? [];
        $tube = array_values(array_filter($pieces, static fn (PieceToMake $p): bool => $p->parts === []))[0] ?? null;

        return new ToBuy(
            $item->name,
            $tube === null
                ? Message::of('buy.tube', 'Tube over the {shaft}; its length is taken in place')
                : self::sizes($tube->outside, $tube->bore, $tube->length),
            1,
            self::NOTE,
            made: true,
        );
    }

    private static function sizes(Length $outside, Length $bore, Length $length): Message
    {
        return Message::of('buy.turned', 'Turned: {outside} outside, {bore} bore, {length} long', [
            'outside' => $outside,
            'bore' => $bore,
            'length' => $length,
        ]);
    }
}
