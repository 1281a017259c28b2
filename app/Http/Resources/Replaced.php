<?php

declare(strict_types=1);

namespace App\Http\Resources;

use DateTimeInterface;
use stdClass;

/** What stood at a place, made later than what came after it: both are shown, and who works there says which holds. */
final readonly class Replaced
{
    public function __construct(
        public stdClass $value,
        public ?string $instrument,
        public string $by,
        public DateTimeInterface $madeAt,
    ) {
    }
}
