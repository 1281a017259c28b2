<?php

declare(strict_types=1);

namespace CleanRace\Core\Catalogue;

/** One sign in a designation and what it says. */
final readonly class Sign
{
    /** @param  ?int  $seals number of seals it tells of; null when it says nothing of seals, or not clearly */
    public function __construct(public string $sign, public string $family, public ?int $seals, public string $meaning)
    {
    }
}
