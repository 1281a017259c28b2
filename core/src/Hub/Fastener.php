<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

/** A nut or bolt of a hub. Its spanner, thread, torque and source are asked once and remembered for the machine. */
final readonly class Fastener
{
    /** @param  ?string  $part the part that comes off with it */
    public function __construct(public string $id, public string $name, public ?string $part = null)
    {
    }

    public function place(string $what): string
    {
        return "fastener.{$this->id}.$what";
    }
}
