<?php

declare(strict_types=1);

namespace App\Store;

/** Which of the nightly copies are kept: the newest of each of the last seven days, five weeks and twelve months that have one. */
final class CopiesKept
{
    private const KEPT = ['Y-m-d' => 7, 'o-W' => 5, 'Y-m' => 12];

    private const NAME = '/^clean-race-(\d{4}-\d{2}-\d{2})-\d{6}\.tar$/';

    /**
     * @param  list<string>  $copies by their names; what is called otherwise is none of its business, and kept
     * @return list<string>
     */
    public static function of(array $copies): array
    {
        // The newest first.
        rsort($copies, SORT_STRING);
        $kept = [];
        foreach (self::KEPT as $span => $most) {
            $newest = [];
            foreach ($copies as $copy) {
                if (preg_match(self::NAME, $copy, $day) === 1) {
                    $newest[gmdate($span, (int) strtotime("{$day[1]} UTC"))] ??= $copy;
                }
            }
            $kept = [...$kept, ...array_values(array_slice($newest, 0, $most))];
        }
        foreach ($copies as $copy) {
            if (preg_match(self::NAME, $copy) !== 1) {
                $kept[] = $copy;
            }
        }

        return array_values(array_unique($kept));
    }
}
