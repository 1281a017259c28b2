<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub\Drawing;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;

/**
 * A turned piece as somebody at a lathe needs it: a tube, a plug or a stepped plug in section, with its dimensions. Lines
 * and texts in mm, the axis along y = 0.
 */
final readonly class Draft
{
    /** Room for dimensions round the piece, in mm. */
    private const MARGIN = 16.0;

    private const STEP = 7.0;

    /**
     * @param  list<array{string, float, float, float, float}>  $lines layer, from, to
     * @param  list<array{float, float, string}>  $texts
     */
    private function __construct(public array $lines, public array $texts, public float $width, public float $height)
    {
    }

    /**
     * @param  string  $outside as it is to be written, such as `44.6 to 46.7`
     * @param  ?Length  $nose outside of the nose of a stepped plug
     *
     * @throws InvalidInput when no such piece can be made
     */
    public static function turned(
        string $title,
        Length $outsideMm,
        string $outside,
        ?Length $boreMm,
        string $bore,
        Length $length,
        string $along,
        ?Length $nose = null,
    ): self {
        $hole = $boreMm->mm ?? 0.0;
        if (
            $outsideMm->mm <= 0 ||
            $length->mm <= 0 ||
            $hole >= $outsideMm->mm ||
            ($nose !== null && ($nose->mm <= 0 || $nose->mm >= $outsideMm->mm))
        ) {
            throw InvalidInput::about('outside_mm', 'No such piece can be turned: the bore or the nose is not smaller than its outside.');
        }
        [$r, $l] = [$outsideMm->mm / 2, $length->mm];
        $tip = $nose === null ? 0.0 : min(12.0, 0.3 * $l);
        $lines = [
            ['STEEL', 0.0, -$r, 0.0, $r],
            ['STEEL', 0.0, $r, $l, $r],
            ['STEEL', $l, $r, $l, -$r],
            ['STEEL', $l, -$r, 0.0, -$r],
            ['CENTRE', -6.0, 0.0, $l + $tip + 6.0, 0.0],
        ];
        if ($hole > 0) {
            array_push(
                $lines,
                ['STEEL', 0.0, $hole / 2, $l, $hole / 2],
                ['STEEL', 0.0, -$hole / 2, $l, -$hole / 2],
                ...self::hatched($l, $hole / 2, $r),
                ...self::hatched($l, -$r, -$hole / 2),
            );
        } else {
            array_push($lines, ...self::hatched($l, -$r, $r));
        }
        $texts = [[0.0, $r + self::MARGIN, $title]];
        if ($nose !== null) {
            array_push(
                $lines,
                ['STEEL', $l, $nose->mm / 2, $l + $tip, $nose->mm / 2],
                ['STEEL', $l + $tip, $nose->mm / 2, $l + $tip, -$nose->mm / 2],
                ['STEEL', $l + $tip, -$nose->mm / 2, $l, -$nose->mm / 2],
            );
            $texts[] = [$l + $tip + 3, $nose->mm / 2, sprintf('nose %.1f', $nose->mm)];
        }
        array_push($lines, ...self::along($l, -$r - self::STEP));
        $texts[] = [$l / 2 - 8, -$r - self::STEP - 4.5, $along];
        $texts[] = [$l + $tip + 3, $r - 2, 'outside '.$outside];
        if ($bore !== '') {
            $texts[] = [$l + $tip + 3, $r - 7, 'bore '.$bore];
        }

        return new self($lines, $texts, $l + $tip + 70, 2 * $r + 2 * self::MARGIN + 8);
    }

    /** @return list<array{string, float, float, float, float}> */
    private static function along(float $length, float $y): array
    {
        return [
            ['NAMES', 0.0, $y, $length, $y],
            ['NAMES', 0.0, $y - 2, 0.0, $y + 5],
            ['NAMES', $length, $y - 2, $length, $y + 5],
            ['NAMES', 0.0, $y, 2.0, $y + 0.8],
            ['NAMES', 0.0, $y, 2.0, $y - 0.8],
            ['NAMES', $length, $y, $length - 2, $y + 0.8],
            ['NAMES', $length, $y, $length - 2, $y - 0.8],
        ];
    }

    /** @return list<array{string, float, float, float, float}> lines at 45° between two heights */
    private static function hatched(float $length, float $from, float $to): array
    {
        $lines = [];
        $height = $to - $from;
        for ($x = -$height; $x < $length; $x += 3.0) {
            [$x1, $y1] = [max(0.0, $x), $from + max(0.0, -$x)];
            $x2 = min($length, $x + $height);
            $y2 = $from + ($x2 - $x);
            if ($x2 > $x1) {
                $lines[] = ['HATCH', $x1, $y1, $x2, min($to, $y2)];
            }
        }

        return $lines;
    }
}
