<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

/** Codes for who lost the device: shown once, each taken once. */
final readonly class RecoveryCodes
{
    /** @param  list<string>  $codes */
    public function __construct(public array $codes)
    {
    }
}
