<?php

declare(strict_types=1);

namespace App\Http\Requests;

use CleanRace\Core\Patterns\HubPatterns;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** The name of a way hubs are built; the list of them says /patterns. */
final readonly class KnownPattern implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_string($value) || ! HubPatterns::has($value)) {
            $fail('Choose how the hub is built.');
        }
    }
}
