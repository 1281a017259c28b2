<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Recording;

final readonly class RecordingCard
{
    private function __construct(public string $id, public int $rate, public float $seconds)
    {
    }

    public static function of(Recording $recording): self
    {
        return new self($recording->id, $recording->rate, (float) $recording->seconds);
    }
}
