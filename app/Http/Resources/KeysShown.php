<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** The key that this shop signs job files with, and those of others. */
final readonly class KeysShown
{
    /**
     * @param  string  $fingerprint of this shop's own
     * @param  list<KeyCard>  $accepted whose fingerprint was compared
     * @param  list<KeyCard>  $seen that came with a job and were not accepted
     */
    public function __construct(public string $fingerprint, public array $accepted, public array $seen)
    {
    }
}
