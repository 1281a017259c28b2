<?php

declare(strict_types=1);

namespace App\Http\Resources;

final readonly class PhotoCard
{
    public function __construct(public string $id, public int $width, public int $height)
    {
    }
}
