<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Measure\Length;

/** One size of a part, by the name its kind gives it. */
final readonly class PartSize
{
    public function __construct(public string $size, public string $label, public Length $length)
    {
    }
}
