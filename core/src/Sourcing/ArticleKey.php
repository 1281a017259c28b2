<?php

declare(strict_types=1);

namespace CleanRace\Core\Sourcing;

use CleanRace\Core\Catalogue\Number\Designation;
use CleanRace\Core\Catalogue\Number\DesignationReader;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Typed\LengthText;
use CleanRace\Core\Measure\Typed\ThreeSizes;

/**
 * What an article is, whoever lists it: makers' and counters' spellings of the same thing have the same key. A bearing is
 * its number, its seals and its clearance; a seal, ring, ball or pin its sizes.
 */
final readonly class ArticleKey
{
    private const LONGEST = 160;

    private const THREE_SIZES = '/\d+(?:[.,]\d+)?\s*[x× -]\s*\d+(?:[.,]\d+)?\s*[x× -]\s*\d+(?:[.,]\d+)?/iu';

    private const RING = '/\b(?:(internal|bore|472)|(external|shaft|471))\b.*?\b(?:snap|circlip|retaining|ring|din)?\b/i';

    public function __construct(private DesignationReader $reader = new DesignationReader())
    {
    }

    /** The key of what is named by an article number and, where that says nothing, by its description; null when neither says. */
    public function of(string $article, string $description = ''): ?string
    {
        $words = mb_substr($article.' '.$description, 0, self::LONGEST);

        if (preg_match('/\bkit\b/i', $words) === 1) {
            return $this->kit($article);
        }

        return $this->small($words) ?? ($this->bearing($article) ?? $this->inWords($description));
    }

    private function small(string $words): ?string
    {
        $size = '(\d+(?:[.,]\d+)?|\d+\/\d+)';
        $plain = static fn (string $number): string => rtrim(rtrim(str_replace(',', '.', $number), '0'), '.');

        return match (true) {
            preg_match('/\b(?:snap|retaining)[ -]?ring|circlip|\bDIN ?47[12]\b/i', $words) === 1 => preg_match(
                self::RING,
                $words,
                $way,
            ) === 1 && preg_match("/(?<![\d.])(?!47[12]\b)$size(?![\d.])(?!\s*thick)/", $words, $m) === 1
                ? 'ring:'.($way[1] !== '' ? 'internal' : 'external').':'.$plain($m[1])
                : null,
            preg_match('/\b(?:oil )?seal\b/i', $words) === 1 &&
                preg_match(self::THREE_SIZES, $words, $m) === 1 => $this->seal($m[0]),
            preg_match('/\b(?:split|cotter) pins?\b/i', $words) === 1 && preg_match("/$size/", $words, $m) === 1 => 'pin:'.
                $plain($m[1]),
            preg_match('/\bballs?\b(?! bearing)/i', $words) === 1 &&
                preg_match('~(\d+/\d+|\d+(?:[.,]\d+)? ?mm)~', $words, $m) === 1 => $this->ball($m[1]),
            preg_match('/retaining compound|bearing fit/i', $words) === 1 => 'compound:'.
                (preg_match('/gap|0[.,]38/i', $words) === 1
                    ? 'gap'
                    : (preg_match('/medium|0[.,]15/i', $words) === 1
                        ? 'medium'
                        : 'thin')),
            preg_match('/\bgrease\b/i', $words) === 1 => 'grease',
            default => null,
        };
    }

    /** A kit is known by its number, however it is spaced: `WK 20-6` and `wk20 6` are one. */
    private function kit(string $article): ?string
    {
        $number = preg_replace('/\b(?:kits?|wheel|bearings?|set|repair)\b/i', '', explode(',', $article)[0]);
        $plain = strtolower((string) preg_replace('/[^A-Za-z0-9]/', '', (string) $number));

        return preg_match('/\d/', $plain) === 1 ? 'kit:'.$plain : null;
    }

    private function seal(string $sizes): ?string
    {
        try {
            $mm = array_map(
                static fn (string $p): float => (new LengthText())->read($p)->mm,
                ThreeSizes::parts((string) preg_replace('/\s*[x×-]\s*|\s+/u', ' x ', trim($sizes))),
            );
        } catch (InvalidInput) {
            return null;
        }

        return count($mm) !== 3 ? null : sprintf('seal:%gx%gx%g', min($mm[0], $mm[1]), max($mm[0], $mm[1]), $mm[2]);
    }

    private function ball(string $size): ?string
    {
        try {
            return sprintf('ball:%.3f', (new LengthText())->read($size)->mm);
        } catch (InvalidInput) {
            return null;
        }
    }

    private function bearing(string $text): ?string
    {
        try {
            $read = $this->reader->read($text);
        } catch (InvalidInput) {
            return null;
        }

        return $read->size === null || $read->guessed !== null || $read->size->commonness === 0 ? null : self::ofBearing($read);
    }

    /** The key of a bearing whose number was read. */
    public static function ofBearing(Designation $read): string
    {
        $closed = match (true) {
            $read->has('contact_both') || ($read->has('full_complement') && $read->seals() === 2) => 'rs2',
            $read->has('contact_one') => 'rs1',
            $read->has('contact_unclear') => 'rs?',
            $read->has('lowfriction_both') => 'rz2',
            $read->has('lowfriction_one') => 'rz1',
            $read->has('shield_both') => 'z2',
            $read->has('shield_one') => 'z1',
            default => 'open',
        };

        return "bearing:$read->number:$closed:".
            $read->clearance().
            ($read->has('full_complement') ? ':v' : '').
            ($read->has('stainless') ? ':ss' : '');
    }

    /** A number somewhere in a description, with the sign that follows it. */
    private function inWords(string $description): ?string
    {
        $words = preg_split('/[\s,;()]+/', $description, 24, PREG_SPLIT_NO_EMPTY) ?: [];
        foreach ($words as $i => $word) {
            if (preg_match('/\d{3}|^[A-Z]{1,3}\d/i', $word) === 1) {
                $key =
                    $this->bearing(
                        isset($words[$i + 1]) && preg_match('/^[0-9]?[A-Z]{1,3}\d?$/', $words[$i + 1]) === 1
                            ? $word.' '.$words[$i + 1]
                            : $word,
                    ) ?? $this->bearing($word);
                if ($key !== null) {
                    return $key;
                }
            }
        }

        return null;
    }
}
