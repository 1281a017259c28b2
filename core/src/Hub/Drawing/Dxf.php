<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub\Drawing;

use CleanRace\Core\Verdict\Message;

/**
 * A section as DXF in its oldest common form (AC1009, release 12), which every CAD program reads: lines and circles in
 * millimetres, a layer for each material, one for the centre line and one for names. Both halves are drawn.
 */
final class Dxf
{
    private const LAYERS = [
        'HOUSING' => 8,
        'BEARING' => 5,
        'STEEL' => 7,
        'AXLE' => 9,
        'ROLLING' => 4,
        'RUBBER' => 1,
        'FELT' => 32,
        'BRONZE' => 40,
        'THREAD' => 3,
        'CENTRE' => 2,
        'NAMES' => 6,
        'HATCH' => 8,
    ];

    /** The section as DXF, in mm, a layer for each hatch. */
    public static function of(Section $section): string
    {
        $entities = '';
        foreach ($section->pieces as $piece) {
            if ($piece->state->isAway()) {
                continue;
            }
            foreach ($piece->outlines as $outline) {
                $entities .= self::outline($outline, 1).self::outline($outline, -1);
            }
            $middle = ($piece->from->mm + $piece->to->mm) / 2;
            $entities .= self::group([
                [0, 'TEXT'],
                [8, 'NAMES'],
                [10, $middle],
                [20, $piece->outer->mm + 1],
                [30, 0.0],
                [40, 1.8],
                [1, self::ascii(Message::plain($piece->name)->inEnglish())],
                [50, 90.0],
            ]);
        }
        $entities .= self::line('CENTRE', $section->from->mm - 5, 0.0, $section->to->mm + 5, 0.0, 'CENTER');

        return self::header($section->from->mm, $section->to->mm, $section->radius->mm).
            self::tables().
            self::group([[0, 'SECTION'], [2, 'ENTITIES']]).
            $entities.
            self::group([[0, 'ENDSEC'], [0, 'EOF']]);
    }

    /** A piece to make, with its dimensions. */
    public static function draft(Draft $draft): string
    {
        $entities = '';
        foreach ($draft->lines as [$layer, $x, $y, $toX, $toY]) {
            $entities .= self::line($layer, $x, $y, $toX, $toY, $layer === 'CENTRE' ? 'CENTER' : null);
        }
        foreach ($draft->texts as [$x, $y, $text]) {
            $entities .= self::group([[0, 'TEXT'], [8, 'NAMES'], [10, $x], [20, $y], [30, 0.0], [40, 3.0], [1, self::ascii($text)]]);
        }

        return self::header(-10.0, $draft->width, $draft->height / 2).
            self::tables().
            self::group([[0, 'SECTION'], [2, 'ENTITIES']]).
            $entities.
            self::group([[0, 'ENDSEC'], [0, 'EOF']]);
    }

    private static function outline(Outline $outline, int $half): string
    {
        $layer = $outline->hatch->layer();
        $corners = $outline->corners();
        if ($outline->round !== null) {
            return self::group([
                [0, 'CIRCLE'],
                [8, $layer],
                [10, $corners[0][0]],
                [20, $half * $corners[0][1]],
                [30, 0.0],
                [40, $outline->round],
            ]);
        }
        $open = $outline->hatch === Hatch::Line;
        $lines = '';
        foreach ($corners as $i => [$x, $y]) {
            $next = $corners[$i + 1] ?? ($open ? null : $corners[0]);
            if ($next !== null && ($next[0] !== $x || $next[1] !== $y)) {
                $lines .= self::line($layer, $x, $half * $y, $next[0], $half * $next[1]);
            }
        }

        return $lines;
    }

    private static function line(string $layer, float $x, float $y, float $toX, float $toY, ?string $type = null): string
    {
        return self::group([
            [0, 'LINE'],
            [8, $layer],
            ...$type === null ? [] : [[6, $type]],
            [10, $x],
            [20, $y],
            [30, 0.0],
            [11, $toX],
            [21, $toY],
            [31, 0.0],
        ]);
    }

    private static function header(float $from, float $to, float $radius): string
    {
        return self::group([
            [0, 'SECTION'],
            [2, 'HEADER'],
            [9, '$ACADVER'],
            [1, 'AC1009'],
            [9, '$INSUNITS'],
            [70, 4],
            [9, '$MEASUREMENT'],
            [70, 1],
            [9, '$EXTMIN'],
            [10, $from],
            [20, -$radius],
            [30, 0.0],
            [9, '$EXTMAX'],
            [10, $to],
            [20, $radius],
            [30, 0.0],
            [0, 'ENDSEC'],
        ]);
    }

    private static function tables(): string
    {
        $types = [
            [0, 'TABLE'],
            [2, 'LTYPE'],
            [70, 2],
            [0, 'LTYPE'],
            [2, 'CONTINUOUS'],
            [70, 0],
            [3, 'Solid line'],
            [72, 65],
            [73, 0],
            [40, 0.0],
            [0, 'LTYPE'],
            [2, 'CENTER'],
            [70, 0],
            [3, 'Centre'],
            [72, 65],
            [73, 4],
            [40, 20.0],
            [49, 12.0],
            [49, -3.0],
            [49, 2.0],
            [49, -3.0],
            [0, 'ENDTAB'],
        ];
        $layers = [[0, 'TABLE'], [2, 'LAYER'], [70, count(self::LAYERS)]];
        foreach (self::LAYERS as $name => $colour) {
            array_push($layers, [0, 'LAYER'], [2, $name], [70, 0], [62, $colour], [6, $name === 'CENTRE' ? 'CENTER' : 'CONTINUOUS']);
        }

        return self::group([[0, 'SECTION'], [2, 'TABLES'], ...$types, ...$layers, [0, 'ENDTAB'], [0, 'ENDSEC']]);
    }

    /** @param  list<array{int, string|int|float}>  $pairs group code and value */
    private static function group(array $pairs): string
    {
        return implode(
            '',
            array_map(
                static fn (array $p): string => sprintf(
                    "%3d\r\n%s\r\n",
                    $p[0],
                    is_float($p[1]) ? rtrim(rtrim(number_format($p[1], 4, '.', ''), '0'), '.') : $p[1],
                ),
                $pairs,
            ),
        );
    }

    /** Release 12 knows no letters beyond ASCII. */
    private static function ascii(string $text): string
    {
        return (string) preg_replace('/[^\x20-\x7e]/', '?', $text);
    }
}
