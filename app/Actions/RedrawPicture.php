<?php

declare(strict_types=1);

namespace App\Actions;

use CleanRace\Core\Measure\InvalidInput;
use Intervention\Image\Drivers\Gd\Driver;
use Intervention\Image\ImageManager;
use Throwable;

/** Opens a picture, turns it upright, makes it smaller and writes it anew, so that nothing but the picture is kept. */
final class RedrawPicture
{
    private const LONGEST_SIDE = 1600;

    /** What is larger is refused before it is decoded; the page makes photos smaller than this before it sends them. */
    private const MOST_PIXELS = 25_000_000;

    private const QUALITY = 82;

    /**
     * @return array{string, int, int} JPEG, width, height
     *
     * @throws InvalidInput when it is not a picture
     */
    public function __invoke(string $bytes): array
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false) {
            throw InvalidInput::about('photo', 'That file is not a picture, whatever its name says. Take a JPEG, PNG or WebP.');
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw InvalidInput::about('photo', 'That picture has more than 25 million points. Take it smaller.');
        }
        try {
            $image = (new ImageManager(new Driver()))->read($bytes)->scaleDown(self::LONGEST_SIDE, self::LONGEST_SIDE);

            return [$image->toJpeg(self::QUALITY)->toString(), $image->width(), $image->height()];
        } catch (Throwable) {
            throw InvalidInput::about('photo', 'That picture cannot be opened: it may be damaged. Take it again.');
        }
    }
}
