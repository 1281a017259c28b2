<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub\Drawing;

use CleanRace\Core\Verdict\Message;

/**
 * A section as SVG in millimetres, true to size: one unit is one millimetre, along the axle from the left face, up from
 * the axis. A group for each material, one for the centre line and one for names. Both halves are drawn.
 */
final class Svg
{
    /** Room round the drawing, in mm. */
    private const MARGIN = 8.0;

    private const FILLS = [
        'HOUSING' => '#f1f1ee',
        'BEARING' => '#c3cad0',
        'STEEL' => '#dfe4e6',
        'AXLE' => '#eceef0',
        'ROLLING' => '#ffffff',
        'RUBBER' => '#6d757b',
        'FELT' => '#d9c9a3',
        'BRONZE' => '#d3b27a',
        'THREAD' => 'none',
    ];

    /** The section as SVG, in mm, a group for each hatch. */
    public static function of(Section $section): string
    {
        $groups = array_fill_keys(array_keys(self::FILLS), '');
        $names = '';
        foreach ($section->pieces as $piece) {
            if ($piece->state->isAway()) {
                continue;
            }
            foreach ($piece->outlines as $outline) {
                $groups[$outline->hatch->layer()] .= self::outline($outline, 1).self::outline($outline, -1);
            }
            [$x, $y] = [($piece->from->mm + $piece->to->mm) / 2, -$piece->outer->mm - 1];
            $names .= sprintf(
                '<text transform="translate(%s %s) rotate(-90)">%s</text>',
                self::mm($x),
                self::mm($y),
                htmlspecialchars(Message::plain($piece->name)->inEnglish(), ENT_XML1),
            );
        }
        $drawn = '';
        foreach (array_filter($groups) as $layer => $shapes) {
            $drawn .= sprintf('<g id="%s" fill="%s" stroke="#20262c" stroke-width="0.25">%s</g>', $layer, self::FILLS[$layer], $shapes);
        }
        [$from, $to, $radius] = [$section->from->mm - self::MARGIN, $section->to->mm + self::MARGIN, $section->radius->mm + self::MARGIN];
        $box = array_map(self::mm(...), [$from, -$radius, $to - $from, 2 * $radius]);

        return
            '<svg xmlns="http://www.w3.org/2000/svg" '.
            sprintf('width="%smm" height="%smm" viewBox="%s">', $box[2], $box[3], implode(' ', $box)).
            $drawn.
            sprintf(
                '<g id="CENTRE" stroke="#646b70" stroke-width="0.2" stroke-dasharray="6 1.5 1 1.5">'.
                '<line x1="%s" y1="0" x2="%s" y2="0"/></g>',
                self::mm($from),
                self::mm($to),
            ).
            '<g id="NAMES" font-size="1.8" font-family="sans-serif" fill="#20262c">'.$names.'</g></svg>';
    }

    private static function outline(Outline $outline, int $half): string
    {
        $corners = $outline->corners();
        if ($outline->round !== null) {
            return sprintf(
                '<circle cx="%s" cy="%s" r="%s"/>',
                self::mm($corners[0][0]),
                self::mm(-$half * $corners[0][1]),
                self::mm($outline->round),
            );
        }
        $points = implode(' ', array_map(static fn (array $c): string => self::mm($c[0]).','.self::mm(-$half * $c[1]), $corners));

        return sprintf('<%s points="%s"/>', $outline->hatch === Hatch::Line ? 'polyline' : 'polygon', $points);
    }

    private static function mm(float $mm): string
    {
        return (string) (round($mm, 3) + 0.0);
    }
}
