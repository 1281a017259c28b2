<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

use App\Models\Logged;
use App\Models\LogLine;
use DateTimeInterface;

/** A line of the owner's log. */
final readonly class LogShown
{
    public function __construct(
        public int $id,
        public Logged $what,
        public ?string $by,
        public ?string $about,
        public string $detail,
        public string $address,
        public DateTimeInterface $at,
    ) {
    }

    public static function of(LogLine $line): self
    {
        return new self($line->id, $line->what, $line->by?->name, $line->about?->name, $line->detail, $line->address, $line->at);
    }
}
