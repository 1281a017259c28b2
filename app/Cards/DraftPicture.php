<?php

declare(strict_types=1);

namespace App\Cards;

use CleanRace\Core\Hub\Drawing\Draft;

/** A piece to make, as SVG in millimetres: printed at full size it is to scale. */
final class DraftPicture
{
    private const STROKES = [
        'STEEL' => '#20262c" stroke-width="0.5',
        'CENTRE' => '#646b70" stroke-width="0.25" stroke-dasharray="6 1.5 1 1.5',
        'HATCH' => '#9aa3a9" stroke-width="0.2',
        'NAMES' => '#20262c" stroke-width="0.25',
    ];

    public static function of(Draft $draft): string
    {
        $left = -10.0;
        $top = -$draft->height / 2;
        $width = $draft->width - $left;
        $lines = implode(
            '',
            array_map(
                static fn (array $l): string => sprintf(
                    '<line x1="%.2f" y1="%.2f" x2="%.2f" y2="%.2f" stroke="%s"/>',
                    $l[1],
                    -$l[2],
                    $l[3],
                    -$l[4],
                    self::STROKES[$l[0]] ?? self::STROKES['STEEL'],
                ),
                $draft->lines,
            ),
        );
        $texts = implode(
            '',
            array_map(
                static fn (array $t): string => sprintf(
                    '<text x="%.2f" y="%.2f" font-family="sans-serif" font-size="4" fill="#20262c">%s</text>',
                    $t[0],
                    -$t[1],
                    e($t[2]),
                ),
                $draft->texts,
            ),
        );

        $box = sprintf('%.1f %.1f %.1f %.1f', $left, $top, $width, $draft->height);
        $ground = sprintf('<rect x="%.1f" y="%.1f" width="%.1f" height="%.1f" fill="#fff"/>', $left, $top, $width, $draft->height);

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%.1fmm" height="%.1fmm" viewBox="%s">',
            $width,
            $draft->height,
            $box,
        ).
            $ground.
            $lines.
            $texts.
            '</svg>';
    }
}
