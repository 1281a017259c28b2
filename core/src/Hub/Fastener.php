<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

/** A nut or bolt of a hub. Its spanner, thread, torque and source are asked once and remembered for the machine. */
final readonly class Fastener
{
    public function __construct(public string $id, public string $name)
    {
    }

    public function place(string $what): string
    {
        return "fastener.{$this->id}.$what";
    }
}
