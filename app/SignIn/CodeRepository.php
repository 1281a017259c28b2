<?php

declare(strict_types=1);

namespace App\SignIn;

use Illuminate\Auth\Passwords\DatabaseTokenRepository;

/** The framework's own keeping of one-time tokens, hashed and with an end, but of tokens that can be typed. */
final class CodeRepository extends DatabaseTokenRepository
{
    public function createNewToken(): string
    {
        return OneTimeCode::made();
    }
}
