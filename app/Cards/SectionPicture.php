<?php

declare(strict_types=1);

namespace App\Cards;

/** The axle line as a plain SVG: for paper, and to take along. */
final class SectionPicture
{
    private const WIDTH = 720;

    private const HEIGHT = 200;

    private const FILLS = [
        'alloy' => '#f1f1ee',
        'ring' => '#c3cad0',
        'steel' => '#dfe4e6',
        'shaft' => '#eceef0',
        'ball' => '#ffffff',
        'rubber' => '#6d757b',
        'felt' => '#d9c9a3',
        'bronze' => '#d3b27a',
        'void' => '#ffffff',
        'line' => 'none',
    ];

    private const AWAY = ['on_tray', 'scrapped', 'not_there'];

    /** @param  array<string, mixed>  $section as {@see \App\Shapes\Json} wrote it */
    public static function of(array $section): string
    {
        // Jobs signed before parts were drawn from their own outlines have none: their card goes without the picture.
        $pieces = $section['pieces'] ?? [];
        [$from, $to, $radius] = [
            (float) ($section['from_mm'] ?? 0),
            (float) ($section['to_mm'] ?? 100),
            (float) ($section['radius_mm'] ?? 30),
        ];
        $scale = min((self::WIDTH - 20) / ($to - $from), (self::HEIGHT / 2 - 4) / $radius);
        $x = static fn (float $mm): float => round(self::WIDTH / 2 + ($mm - ($from + $to) / 2) * $scale, 2);
        $middle = self::HEIGHT / 2;
        $svg = '';
        foreach ($pieces as $piece) {
            foreach (in_array($piece['state'], self::AWAY, true) ? [] : $piece['outlines'] as $outline) {
                foreach ([-1, 1] as $half) {
                    $svg .= self::face($outline, $x, static fn (float $r): float => round($middle + $half * $r * $scale, 2), $scale);
                }
            }
        }
        $svg .=
            "<line x1=\"4\" y1=\"$middle\" x2=\"".
            (self::WIDTH - 4).
            "\" y2=\"$middle\" stroke=\"#646b70\" stroke-width=\"0.6\" stroke-dasharray=\"12 3 2 3\"/>";

        return '<svg xmlns="http://www.w3.org/2000/svg" width="'.
            self::WIDTH.
            '" height="'.
            self::HEIGHT.
            '" viewBox="0 0 '.
            self::WIDTH.
            ' '.
            self::HEIGHT.
            '">'.
            $svg.
            '</svg>';
    }

    /**
     * @param  array{hatch: string, points: list<float>, round: ?float}  $outline
     * @param  callable(float): float  $x
     * @param  callable(float): float  $y
     */
    private static function face(array $outline, callable $x, callable $y, float $scale): string
    {
        $fill = self::FILLS[$outline['hatch']] ?? '#ffffff';
        $corners = array_chunk($outline['points'], 2);
        if ($outline['round'] !== null) {
            return sprintf(
                '<circle cx="%s" cy="%s" r="%.2f" fill="%s" stroke="#20262c" stroke-width="0.7"/>',
                $x((float) $corners[0][0]),
                $y((float) $corners[0][1]),
                $outline['round'] * $scale,
                $fill,
            );
        }
        $points = implode(' ', array_map(static fn (array $c): string => $x((float) $c[0]).','.$y((float) $c[1]), $corners));

        return sprintf(
            '<%s points="%s" fill="%s" stroke="#20262c" stroke-width="0.7"/>',
            $outline['hatch'] === 'line' ? 'polyline' : 'polygon',
            $points,
            $fill,
        );
    }
}
