<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Validation\Rules\Password;

/** What the framework's rule for a password does not see: how much of it is told apart, and how alike its signs are. */
final class NewPassword implements ValidationRule
{
    public const LEAST = 8;

    /** Bytes; bcrypt reads no further, so a longer one would be accepted by its beginning. */
    private const MOST = 72;

    private const DIFFERENT = 4;

    /** The rule for every password that somebody chooses here. */
    public static function rule(): Password
    {
        return Password::min(self::LEAST)->rules([new self()]);
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (is_string($value) && strlen($value) > self::MOST) {
            $fail('Choose a password of at most '.self::MOST.' signs.');
        } elseif (is_string($value) && count(array_unique(mb_str_split($value))) < self::DIFFERENT) {
            $fail('Choose a password with more than three different signs.');
        }
    }
}
