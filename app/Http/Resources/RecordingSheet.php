<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Hearing;
use App\Models\Recording;
use App\Shapes\Ready;
use App\Shapes\ShapeOf;
use CleanRace\Core\Sound\Listen\ListenResult;
use Illuminate\Support\Carbon;

final readonly class RecordingSheet
{
    /**
     * @param  bool  $waits whether it is listened to this moment: what is heard, if anything, is of what was known before
     * @param  ?string  $fault why it cannot be listened to
     * @param  ?Carbon  $erasedAt when the sound was erased with what was kept of the customer
     */
    private function __construct(
        public string $id,
        public int $rate,
        public float $seconds,
        public bool $waits,
        #[ShapeOf(ListenResult::class)] public ?Ready $heard,
        public ?string $fault,
        public ?Carbon $erasedAt,
    ) {
    }

    public static function of(Recording $recording, ?Hearing $hearing, bool $waits): self
    {
        return new self(
            $recording->id,
            $recording->rate,
            (float) $recording->seconds,
            $waits,
            $hearing?->heard === null ? null : new Ready((string) $hearing->getRawOriginal('heard')),
            $hearing?->fault,
            $recording->erased_at,
        );
    }
}
