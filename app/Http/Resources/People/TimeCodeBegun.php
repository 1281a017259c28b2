<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

/** The secret of somebody's time codes, to be typed into a device, or read by it from a picture of the address. */
final readonly class TimeCodeBegun
{
    public function __construct(public string $secret, public string $address)
    {
    }
}
