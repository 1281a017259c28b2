<?php

declare(strict_types=1);

namespace App\Cards;

/** The axle line as a plain SVG for paper: half-section, mirrored, to one scale. */
final class SectionPicture
{
    private const WIDTH = 720;

    private const HEIGHT = 200;

    private const FILLS = ['bearing' => '#c3cad0', 'sleeve' => '#dfe4e6', 'seal' => '#6d757b', 'snap_ring' => '#3d464d', 'axle' => '#eceef0', 'spacer' => '#d5dade'];

    /** @param  array<string, mixed>  $section as {@see \App\Shapes\Json} wrote it */
    public static function of(array $section): string
    {
        $over = (float) $section['over_faces_mm'];
        $outer = (float) $section['hub_outside_mm'] / 2 + 2;
        $scale = min(self::WIDTH / ($over + 60), self::HEIGHT / (2 * $outer));
        $x = static fn (float $mm): float => round(self::WIDTH / 2 + ($mm - $over / 2) * $scale, 2);
        $middle = self::HEIGHT / 2;
        $svg = '';
        foreach ([-1, 1] as $half) {
            $points = implode(' ', array_map(static fn (array $p): string => $x((float) $p['along_mm']).','.round($middle + $half * (float) $p['radius_mm'] * $scale, 2), $section['housing']));
            $svg .= "<polygon points=\"$points\" fill=\"#f1f1ee\" stroke=\"#20262c\" stroke-width=\"0.8\"/>";
        }
        foreach ($section['shapes'] as $shape) {
            if ($shape['state'] === 'on_tray') {
                continue;
            }
            $left = $x((float) $shape['from_mm']);
            $wide = round(((float) $shape['to_mm'] - (float) $shape['from_mm']) * $scale, 2);
            $inner = (float) $shape['inner_mm'] * $scale;
            $deep = round(((float) $shape['outer_mm']) * $scale - $inner, 2);
            $fill = self::FILLS[$shape['kind']] ?? '#ffffff';
            foreach ([round($middle - $inner - $deep, 2), round($middle + $inner, 2)] as $top) {
                $svg .= "<rect x=\"$left\" y=\"$top\" width=\"$wide\" height=\"$deep\" fill=\"$fill\" stroke=\"#20262c\" stroke-width=\"0.7\"/>";
                if ($shape['kind'] === 'bearing') {
                    $svg .= sprintf('<circle cx="%.2f" cy="%.2f" r="%.2f" fill="#ffffff" stroke="#20262c" stroke-width="0.7"/>', $left + $wide / 2, $top + $deep / 2, 0.3 * $deep);
                }
            }
        }
        $svg .= "<line x1=\"4\" y1=\"$middle\" x2=\"".(self::WIDTH - 4)."\" y2=\"$middle\" stroke=\"#646b70\" stroke-width=\"0.6\" stroke-dasharray=\"12 3 2 3\"/>";

        return '<svg xmlns="http://www.w3.org/2000/svg" width="'.self::WIDTH.'" height="'.self::HEIGHT.'" viewBox="0 0 '.self::WIDTH.' '.self::HEIGHT.'">'.$svg.'</svg>';
    }
}
