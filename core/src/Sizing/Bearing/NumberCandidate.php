<?php

declare(strict_types=1);

namespace CleanRace\Core\Sizing\Bearing;

use CleanRace\Core\Catalogue\Number\Designation;
use CleanRace\Core\Verdict\Message;

/** One way in which a stamped number can be read. */
final readonly class NumberCandidate
{
    private function __construct(public string $written, public Message $reading, public ?string $sizes, public ?Message $guessed)
    {
    }

    /** What a reading of the number says. */
    public static function of(Designation $read): self
    {
        return new self(
            $read->written(),
            Message::listed([$read->kind->label(), $read->reading]),
            $read->size?->sizes($read->isClosed()),
            $read->guessed,
        );
    }
}
