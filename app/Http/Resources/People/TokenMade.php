<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

/** An access token that was just made: shown once. */
final readonly class TokenMade
{
    public function __construct(public TokenCard $card, public string $token)
    {
    }
}
