<?php

declare(strict_types=1);

namespace App\Errands;

use App\Actions\NoteInLog;
use App\Along\WriteShop;
use App\Models\Errand;
use App\Models\Logged;
use App\Models\User;

/** Writes all of a shop into a file that its owner takes along; it lies there for a day. */
final readonly class TakesAlong implements DoesErrand
{
    private const KEPT_S = 86_400;

    public function __construct(private WriteShop $write, private NoteInLog $note)
    {
    }

    public static function path(string $errand): string
    {
        return storage_path("app/along-$errand.zip");
    }

    public function do(Errand $errand, User $by, Progress $progress): array
    {
        foreach (glob(self::path('*')) ?: [] as $before) {
            if (filemtime($before) < time() - self::KEPT_S) {
                unlink($before);
            }
        }
        ($this->write)($by->shop, self::path($errand->id), $progress);
        ($this->note)($by->shop_id, Logged::Exported, $by, detail: 'everything of the shop');

        return [];
    }
}
