<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** An access token that was just made: shown once. */
final readonly class TokenMade
{
    public function __construct(public TokenCard $card, public string $token)
    {
    }
}
