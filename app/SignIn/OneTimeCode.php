<?php

declare(strict_types=1);

namespace App\SignIn;

/**
 * A code that is read from one screen and typed on another: ten signs out of thirty-two (fifty bits), none of which
 * looks like another, in two groups.
 */
final class OneTimeCode
{
    /** Digits and letters without I, L, O and U. */
    private const SIGNS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';

    private const LENGTH = 10;

    private const GROUP = 5;

    public static function made(): string
    {
        return implode('', array_map(static fn (): string => self::SIGNS[random_int(0, strlen(self::SIGNS) - 1)], range(1, self::LENGTH)));
    }

    /** As people read it: K7MPA-2QX9D. */
    public static function shown(string $code): string
    {
        return implode('-', str_split($code, self::GROUP));
    }

    /** As it is kept, from what somebody typed: small letters, dashes and signs taken for others are understood. */
    public static function read(string $typed): string
    {
        return strtr((string) preg_replace('/[^0-9A-Z]/', '', strtoupper($typed)), ['O' => '0', 'I' => '1', 'L' => '1']);
    }
}
