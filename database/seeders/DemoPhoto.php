<?php

declare(strict_types=1);

namespace Database\Seeders;

use CleanRace\Core\Hub\Drawing\Hatch;
use CleanRace\Core\Hub\Drawing\Outline;
use CleanRace\Core\Hub\Drawing\PartDrawer;
use CleanRace\Core\Hub\Part;
use GdImage;

/** A picture of a part on a bench, drawn here from its own sizes: what a phone would have taken. */
final class DemoPhoto
{
    private const WIDTH = 960;

    private const HEIGHT = 720;

    private const SHADES = [
        'ring' => [150, 152, 150],
        'steel' => [172, 168, 158],
        'shaft' => [186, 184, 178],
        'alloy' => [200, 200, 194],
        'ball' => [222, 222, 216],
        'rubber' => [52, 50, 48],
        'felt' => [170, 146, 98],
        'bronze' => [176, 132, 72],
        'void' => [108, 84, 58],
        'line' => [90, 84, 76],
    ];

    /** @return string JPEG */
    public static function of(Part $part, bool $rusty, int $seed): string
    {
        mt_srand($seed);
        $image = imagecreatetruecolor(self::WIDTH, self::HEIGHT);
        imageantialias($image, true);
        self::bench($image);
        $outlines = PartDrawer::draw($part);
        $corners = array_merge(...array_map(static fn (Outline $o): array => $o->corners(), $outlines));
        $along = max([4.0, ...array_column($corners, 0)]) - min([0.0, ...array_column($corners, 0)]);
        $scale = min((0.7 * self::WIDTH) / $along, (0.42 * self::HEIGHT) / max([3.0, ...array_column($corners, 1)]));
        $x = static fn (float $mm): int => (int) (self::WIDTH / 2 + ($mm - $along / 2) * $scale);
        foreach ($outlines as $outline) {
            foreach ([-1, 1] as $half) {
                self::face($image, $outline, $x, static fn (float $r): int => (int) (self::HEIGHT / 2 + $half * $r * $scale), $scale);
            }
        }
        if ($rusty) {
            self::rust($image);
        }
        ob_start();
        imagejpeg($image, null, 84);

        return (string) ob_get_clean();
    }

    /** Planks, with grain. */
    private static function bench(GdImage $image): void
    {
        for ($y = 0; $y < self::HEIGHT; $y++) {
            $plank = intdiv($y, 180);
            $shade = 108 + 10 * ($plank % 2) + mt_rand(-5, 5) + (int) (4 * sin($y / 7 + $plank));
            imageline(
                $image,
                0,
                $y,
                self::WIDTH,
                $y,
                (int) imagecolorallocate($image, self::shade($shade), self::shade($shade - 26), self::shade($shade - 52)),
            );
        }
        foreach ([180, 360, 540] as $y) {
            imagefilledrectangle($image, 0, $y, self::WIDTH, $y + 3, (int) imagecolorallocate($image, 48, 36, 26));
        }
    }

    /**
     * @param  callable(float): int  $x
     * @param  callable(float): int  $y
     */
    private static function face(GdImage $image, Outline $outline, callable $x, callable $y, float $scale): void
    {
        [$r, $g, $b] = self::SHADES[$outline->hatch->value];
        $fill = (int) imagecolorallocate($image, $r, $g, $b);
        $edge = (int) imagecolorallocate($image, 36, 34, 32);
        $corners = $outline->corners();
        if ($outline->round !== null) {
            $size = max(2, (int) (2 * $outline->round * $scale));
            imagefilledellipse($image, $x($corners[0][0]), $y($corners[0][1]), $size, $size, $fill);
            imageellipse($image, $x($corners[0][0]), $y($corners[0][1]), $size, $size, $edge);

            return;
        }
        $points = array_merge(...array_map(static fn (array $c): array => [$x($c[0]), $y($c[1])], $corners));
        if ($outline->hatch === Hatch::Line || count($corners) < 3) {
            $end = $corners[count($corners) - 1];
            imageline($image, $x($corners[0][0]), $y($corners[0][1]), $x($end[0]), $y($end[1]), $edge);
        } else {
            imagefilledpolygon($image, $points, $fill);
            imagepolygon($image, $points, $edge);
        }
    }

    /** @return int<0, 255> */
    private static function shade(int $of): int
    {
        return max(0, min(255, $of));
    }

    private static function rust(GdImage $image): void
    {
        for ($i = 0; $i < 260; $i++) {
            $spot = (int) imagecolorallocatealpha($image, 130 + mt_rand(0, 50), 66 + mt_rand(0, 30), 24, mt_rand(40, 100));
            imagefilledellipse(
                $image,
                mt_rand((int) (0.2 * self::WIDTH), (int) (0.8 * self::WIDTH)),
                mt_rand((int) (0.15 * self::HEIGHT), (int) (0.85 * self::HEIGHT)),
                mt_rand(3, 26),
                mt_rand(3, 18),
                $spot,
            );
        }
    }
}
