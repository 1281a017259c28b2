<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** A password that somebody chooses: eight signs or more of any kind, and no longer than what is told apart of it. */
final class NewPassword implements ValidationRule
{
    public const LEAST = 8;

    /** Bytes; bcrypt reads no further, so a longer one would be accepted by its beginning. */
    public const MOST = 72;

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_string($value) || mb_strlen($value) < self::LEAST) {
            $fail('Choose a password of at least '.self::LEAST.' signs.');
        } elseif (strlen($value) > self::MOST) {
            $fail('Choose a password of at most '.self::MOST.' signs.');
        } elseif (count(array_unique(mb_str_split($value))) < 4) {
            $fail('Choose a password with more than three different signs.');
        }
    }
}
