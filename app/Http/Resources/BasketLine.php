<?php

declare(strict_types=1);

namespace App\Http\Resources;

use CleanRace\Core\Verdict\Message;
use CleanRace\Core\Verdict\Written;

/** One line of a job's list, with what lies on the shelf and what is on its way. */
final readonly class BasketLine
{
    /**
     * @param  bool  $known whether it is clear enough what it is to be found in a price list
     * @param  bool  $made whether it is turned to measure, and in no price list
     */
    public function __construct(
        public Message|string $what,
        public Message|Written|string $askFor,
        public int $quantity,
        public Message|string|null $note,
        public bool $known,
        public bool $made,
        public ?int $shelfItem,
        public int $onShelf,
        public int $ordered,
    ) {
    }
}
