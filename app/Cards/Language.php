<?php

declare(strict_types=1);

namespace App\Cards;

/**
 * What another language has for the English of the program: the lines of lang/{locale}.json, whole sentences with their
 * {places}. What it has no words for stays English.
 */
class Language
{
    /** @param  array<string, string>  $lines by their English */
    public function __construct(private readonly array $lines = [])
    {
    }

    public function of(string $english): string
    {
        return $this->lines[$english] ?? $english;
    }
}
