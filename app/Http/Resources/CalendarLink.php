<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** The secret address of a shop's calendar; null when there is none. */
final readonly class CalendarLink
{
    public function __construct(public ?string $address)
    {
    }
}
