<?php

declare(strict_types=1);

namespace CleanRace\Core\Measure\Typed;

/** Takes `15x28x7`, `15 28 7`, `5/8 x 1 3/8 x 7/16` apart into lengths as people type them. */
final class ThreeSizes
{
    /**
     * @return list<string> two or three lengths, each as {@see \CleanRace\Core\Measure\Typed\LengthText} reads it;
     *   empty when it is nothing of the kind
     */
    public static function parts(string $typed): array
    {
        $text = trim(
            (string) preg_replace(
                '/\s+/u',
                ' ',
                strtr(mb_strtolower($typed), ['×' => 'x', '*' => 'x', '⁄' => '/', '″' => '"', '”' => '"']),
            ),
        );
        // Three whole numbers with strokes between them are sizes, as seals are marked: 30/47/7.
        $text = (string) preg_replace('~^(\d+)/(\d+)/(\d+)$~', '$1 $2 $3', $text);
        // A unit behind the last is that of them all; beside a fraction whole numbers are inches too.
        $unit =
            preg_match('/[\d"]\s*(mm|in|inch|")$/', $text, $m) === 1
                ? $m[1]
                : (str_contains($text, 'x') && str_contains($text, '/')
                    ? 'in'
                    : '');
        if (str_contains($text, 'x')) {
            $parts = array_map(trim(...), explode('x', $text));
        } elseif (
            preg_match('~^(\d+(?:[.,]\d+)?)[ /-](\d+(?:[.,]\d+)?)(?:[ /-](\d+(?:[.,]\d+)?))?(?: ?(?:mm|in|"))?$~', $text, $m) === 1 &&
            ! str_contains($text, '/')
        ) {
            $parts = array_slice($m, 1);
        } else {
            return [];
        }
        $count = count($parts);
        foreach ($parts as $i => $part) {
            if (preg_match('~^[\d.,/ "\-]+ ?(?:mm|in|inch|")?$~', $part) !== 1) {
                return [];
            }
            $parts[$i] = $unit === '' || preg_match('/[a-z"]$/', $part) === 1 ? $part : "$part $unit";
        }

        return $count < 2 || $count > 3 ? [] : $parts;
    }
}
