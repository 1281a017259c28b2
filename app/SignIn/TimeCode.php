<?php

declare(strict_types=1);

namespace App\SignIn;

/**
 * Codes of six digits that a device shows for thirty seconds each: RFC 6238 with SHA-1, as every such program reads it.
 * A secret is kept in base32 (RFC 4648), as it is shown.
 */
final class TimeCode
{
    private const SECONDS = 30;

    private const DIGITS = 6;

    /** Steps before and after the present one that are taken: clocks are off, and people type slowly. */
    private const BESIDE = 1;

    private const SIGNS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567';

    /** A hundred and sixty bits, as long as the hash. */
    public static function secret(): string
    {
        return self::inBase32(random_bytes(20));
    }

    /** What the device shows at a step, digits that lead included. */
    public static function at(string $secret, int $step): string
    {
        $hash = hash_hmac('sha1', pack('J', $step), self::fromBase32($secret), true);
        $from = ord($hash[19]) & 0xF;
        $number = (ord($hash[$from]) & 0x7F) << 24 | ord($hash[$from + 1]) << 16 | ord($hash[$from + 2]) << 8 | ord($hash[$from + 3]);

        return str_pad((string) ($number % 10 ** self::DIGITS), self::DIGITS, '0', STR_PAD_LEFT);
    }

    /** The step of a moment, in seconds since 1970. */
    public static function step(int $seconds): int
    {
        return intdiv($seconds, self::SECONDS);
    }

    /** The step whose code was typed; null when it is none of now, or not later than the last that was taken. */
    public static function taken(string $secret, string $typed, int $seconds, int $last): ?int
    {
        $digits = (string) preg_replace('/\s+/', '', $typed);
        $now = self::step($seconds);
        for ($step = $now - self::BESIDE; $step <= $now + self::BESIDE; $step++) {
            if ($step > $last && hash_equals(self::at($secret, $step), $digits)) {
                return $step;
            }
        }

        return null;
    }

    /** What a device reads from a picture: whose code it is, of which shop. */
    public static function address(string $secret, string $account, string $shop): string
    {
        return sprintf('otpauth://totp/%s:%s?%s', rawurlencode($shop), rawurlencode($account), http_build_query([
            'secret' => $secret,
            'issuer' => $shop,
        ], encoding_type: PHP_QUERY_RFC3986));
    }

    public static function inBase32(string $bytes): string
    {
        $bits = implode('', array_map(static fn (string $byte): string => sprintf('%08b', ord($byte)), str_split($bytes)));

        return implode('', array_map(
            static fn (string $five): string => self::SIGNS[(int) bindec(str_pad($five, 5, '0'))],
            str_split($bits, 5),
        ));
    }

    public static function fromBase32(string $text): string
    {
        $bits = implode('', array_map(
            static fn (string $sign): string => sprintf('%05b', (int) strpos(self::SIGNS, $sign)),
            str_split($text),
        ));

        return implode('', array_map(
            static fn (string $eight): string => chr((int) bindec($eight)),
            array_filter(str_split($bits, 8), static fn (string $eight): bool => strlen($eight) === 8),
        ));
    }
}
