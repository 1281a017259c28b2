<?php

declare(strict_types=1);

namespace App\Http\Resources\People;

/** Somebody who can take over at a bench. */
final readonly class HandsCard
{
    public function __construct(public int $id, public string $name)
    {
    }
}
