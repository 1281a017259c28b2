<?php

declare(strict_types=1);

namespace App\Http\Resources;

final readonly class Pong
{
    public function __construct(public bool $ok)
    {
    }
}
