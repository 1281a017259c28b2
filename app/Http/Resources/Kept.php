<?php

declare(strict_types=1);

namespace App\Http\Resources;

use stdClass;

/** What was kept of a record. */
final readonly class Kept
{
    public function __construct(public string $id, public string $place, public ?stdClass $value, public bool $new)
    {
    }
}
