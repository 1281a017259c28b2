<?php

declare(strict_types=1);

namespace Tests;

use App\Cards\Language;

/** A language that nobody speaks: each sentence in brackets, and a third longer. As the page has it in `invented.ts`. */
final class InventedLanguage extends Language
{
    public function of(string $english): string
    {
        $words = (string) preg_replace('/\{\w+\}/', '', $english);
        if (preg_match('/\p{L}/u', $words) !== 1) {
            return $english;
        }

        return "⟦$english ".substr(str_repeat('aeiou', mb_strlen($words)), 0, (int) ceil(mb_strlen($words) / 3)).'⟧';
    }

    /** What is left of a text once everything in brackets is taken out of it. */
    public static function without(string $text): string
    {
        do {
            $text = (string) preg_replace('/⟦[^⟦⟧]*⟧/u', '', $before = $text);
        } while ($text !== $before);

        return $text;
    }
}
