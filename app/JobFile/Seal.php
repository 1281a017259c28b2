<?php

declare(strict_types=1);

namespace App\JobFile;

use JsonException;

/**
 * The signature of a shop under a whole job file, all of it but the signature itself. What is signed is a digest of its parts in
 * one form of writing, so that a program that reads the file and writes it again breaks nothing; docs/formats.md says how.
 */
final readonly class Seal
{
    private const ALGORITHM = 'Ed25519';

    private const FLAGS = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION;

    /**
     * @param  array<string, mixed>  $file
     * @return array{algorithm: string, key: string, value: string}
     */
    public static function under(array $file, ShopKey $key): array
    {
        return ['algorithm' => self::ALGORITHM, 'key' => $key->public, 'value' => $key->signatureOf(self::digest($file))];
    }

    /**
     * Whose key signed a file as it stands; null when none did, or something was changed since.
     *
     * @param  array<string, mixed>|JsonParts  $file
     */
    public static function keyOf(array|JsonParts $file): ?string
    {
        $seal = $file instanceof JsonParts ? $file->whole('signature') : $file['signature'] ?? null;
        if (! is_array($seal) || ($seal['algorithm'] ?? null) !== self::ALGORITHM) {
            return null;
        }
        [$key, $value] = array_map(
            static fn (string $part): string => is_string($seal[$part] ?? null) ? (string) base64_decode($seal[$part], true) : '',
            ['key', 'value'],
        );
        if (strlen($key) !== SODIUM_CRYPTO_SIGN_PUBLICKEYBYTES || strlen($value) !== SODIUM_CRYPTO_SIGN_BYTES) {
            return null;
        }

        return sodium_crypto_sign_verify_detached($value, self::digest($file), $key) ? base64_encode($key) : null;
    }

    /**
     * SHA-256 over each part in the order of its name: its name, then it, or each of a list, as JSON with its names in order.
     *
     * @param  array<string, mixed>|JsonParts  $file
     */
    public static function digest(array|JsonParts $file): string
    {
        $names = array_diff($file instanceof JsonParts ? $file->names() : array_keys($file), ['signature']);
        sort($names, SORT_STRING);
        $digest = hash_init('sha256');
        foreach ($names as $name) {
            hash_update($digest, "$name\n");
            foreach (self::items($file, $name) as $one) {
                hash_update($digest, self::written($one)."\n");
            }
        }

        return hash_final($digest);
    }

    /**
     * What a part is made of: each of a list, or the part itself. An empty object and an empty list are one.
     *
     * @param  array<string, mixed>|JsonParts  $file
     * @return iterable<mixed>
     */
    private static function items(array|JsonParts $file, string $name): iterable
    {
        if ($file instanceof JsonParts && $file->isList($name)) {
            return $file->each($name);
        }
        $part = $file instanceof JsonParts ? $file->whole($name) : $file[$name];

        return is_array($part) && array_is_list($part) ? $part : [$part];
    }

    /** @throws JsonException when it holds what JSON cannot */
    private static function written(mixed $value): string
    {
        // As whoever reads it has it: an empty object and an empty list are one.
        return json_encode(self::ordered(json_decode(json_encode($value, self::FLAGS), true, flags: JSON_THROW_ON_ERROR)), self::FLAGS);
    }

    private static function ordered(mixed $value): mixed
    {
        if (! is_array($value)) {
            return $value;
        }
        if (! array_is_list($value)) {
            ksort($value, SORT_STRING);
        }

        return array_map(self::ordered(...), $value);
    }
}
