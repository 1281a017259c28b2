<?php

declare(strict_types=1);

namespace App\Cards;

use App\Models\Hearing;
use App\Models\Job;
use App\Models\Record;

/** What the recordings of a job tell, as a card shows it: a line for each, with each turn of the wheel as a row of a small picture. */
final readonly class SoundsOnCard
{
    private const PLACES = 64;

    private const WIDE = 2;

    private const HIGH = 2;

    private function __construct()
    {
    }

    /**
     * As they stand now: signed, a card keeps them as they are then.
     *
     * @param  array<string, Record>  $current by place
     * @return array<string, array{headline: mixed, turns: list<string>}> by place
     */
    public static function of(Job $job, array $current): array
    {
        $heard = Hearing::query()->where('job_id', $job->id)->get()->keyBy('recording_id');
        $sounds = [];
        foreach ($current as $place => $record) {
            $said = $heard->get($record->value['recording'] ?? '')?->heard;
            if ($said !== null) {
                $sounds[$place] = ['headline' => $said['verdict']['headline'], 'turns' => $said['picture']['turns'] ?? []];
            }
        }

        return $sounds;
    }

    /** @param  list<string>  $turns 64 places of two hexadecimal digits each */
    public static function picture(array $turns): ?string
    {
        if ($turns === []) {
            return null;
        }
        $image = imagecreate(self::PLACES * self::WIDE, max(1, count($turns) * self::HIGH));
        if ($image === false) {
            return null;
        }
        $inks = [];
        for ($i = 0; $i < 16; $i++) {
            $grey = max(0, min(255, 255 - 14 * $i));
            $inks[] = (int) imagecolorallocate($image, $grey, $grey, $grey);
        }
        foreach ($turns as $row => $turn) {
            for ($place = 0; $place < self::PLACES; $place++) {
                $shade = $inks[(int) hexdec($turn[2 * $place] ?? '0')];
                [$x, $y] = [$place * self::WIDE, $row * self::HIGH];
                imagefilledrectangle($image, $x, $y, $x + self::WIDE - 1, $y + self::HIGH - 1, $shade);
            }
        }
        ob_start();
        imagepng($image);

        return 'data:image/png;base64,'.base64_encode((string) ob_get_clean());
    }
}
