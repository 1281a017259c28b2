<?php

declare(strict_types=1);

namespace App\JobFile;

/** What is known of a signature that was given elsewhere. */
final readonly class SaidSigned
{
    /** @param  bool  $unknownKey whether it came under a key that nobody here compared yet */
    public function __construct(public string $text, public bool $checked, public bool $unknownKey)
    {
    }
}
