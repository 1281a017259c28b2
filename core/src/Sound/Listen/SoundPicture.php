<?php

declare(strict_types=1);

namespace CleanRace\Core\Sound\Listen;

use CleanRace\Core\Sound\Finding\HeardWheel;
use CleanRace\Core\Sound\Orders\PartRanges;

/** What a page draws of a recording: the swing turn by turn, and how strong each order is. */
final readonly class SoundPicture
{
    /** Orders are drawn so finely, times a turn. */
    public const STEP = 0.05;

    private const MOST = 12.0;

    /**
     * @param  list<string>  $turns for each turn 64 places of two hexadecimal digits, from 00 (as usual) to ff (twice as strong, or more)
     * @param  list<float>  $orders strongest line in each twentieth of an order, to the twelfth, as a logarithm: nought is chance
     * @param  list<PartMark>  $marks where each part would speak
     */
    private function __construct(public array $turns, public array $orders, public array $marks)
    {
    }

    public static function of(HeardWheel $heard, ?PartRanges $ranges): ?self
    {
        if ($heard->turns === null) {
            return null;
        }
        $orders = [];
        for ($at = 0; $at * self::STEP < self::MOST; $at++) {
            $orders[] = max(0.0, $heard->turns->hearing->all->strongest($at * self::STEP, ($at + 1) * self::STEP));
        }

        $turns = array_map(static fn (array $row): string => bin2hex(pack('C*', ...$row)), $heard->turns->hearing->picture->rows);

        return new self($turns, $orders, $ranges === null ? [] : [
            new PartMark('outer_ring', ...$ranges->outer),
            new PartMark('inner_ring', ...$ranges->inner),
            new PartMark('ball', ...$ranges->ball),
            new PartMark('cage', ...$ranges->cage),
        ]);
    }
}
