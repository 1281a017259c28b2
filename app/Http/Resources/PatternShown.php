<?php

declare(strict_types=1);

namespace App\Http\Resources;

use CleanRace\Core\Patterns\Pattern;
use CleanRace\Core\Verdict\Message;

/** A way hubs are built, as it is offered when a job is opened. */
final readonly class PatternShown
{
    public function __construct(
        public string $id,
        public Message|string $name,
        public Message|string $metOn,
        public Message|string $turns,
        public Message|string $fit,
    ) {
    }

    public static function of(Pattern $pattern): self
    {
        $card = $pattern->card();

        return new self($pattern->id(), $card->name, $card->metOn, $card->turns->label(), $card->fit);
    }
}
